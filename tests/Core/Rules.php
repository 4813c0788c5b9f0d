<?php

declare(strict_types=1);

namespace Tests\Core;

use TruePupil\Core\Findings\Critic;
use TruePupil\Core\Findings\FindingRule;

/** Every rule there is, as the application finds them: by their place. */
final class Rules
{
    /** @return list<FindingRule> */
    public static function all(): array
    {
        return array_map(
            function (string $file): FindingRule {
                $class = 'TruePupil\\Core\\Findings\\Rules\\'.basename($file, '.php');

                return new $class();
            },
            glob(__DIR__.'/../../core/Findings/Rules/*.php') ?: [],
        );
    }

    public static function critic(): Critic
    {
        return new Critic(self::all());
    }
}
