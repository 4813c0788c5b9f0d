<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings;

use LogicException;
use ReflectionClass;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/**
 * One kind of finding. A rule looks at one situation and either notices something or does not. What it is called, what
 * it is the cause of and what contradicts it is declared by its attribute; what it needs to know is declared, so that a
 * missing input is asked for instead of guessed.
 */
abstract class FindingRule
{
    private ?Declared $declared = null;

    /** @return list<Need> */
    abstract public function needs(): array;

    /** Called only when all its needs are known. */
    abstract public function judge(Situation $situation): ?Finding;

    final public function declared(): Declared
    {
        $attributes = (new ReflectionClass($this))->getAttributes(Declared::class);

        return $this->declared ??= $attributes === []
            ? throw new LogicException(static::class.' does not declare what it is.')
            : $attributes[0]->newInstance();
    }

    final public function id(): string
    {
        return $this->declared()->id;
    }

    final public function topic(): Topic
    {
        return $this->declared()->topic;
    }
}
