<?php

declare(strict_types=1);

namespace TruePupil\Core\Drill;

use TruePupil\Core\Exposure\LightLedger;

/** One question, its answer and why. */
final readonly class Drill
{
    /**
     * @param  float|string  $right  the answer: a time in seconds, an f-number, ISO, stops, or the name of a choice
     * @param  array<string, string>  $choices  words by name
     * @param  list<DrillFrame>  $frames  pictures that belong to the question
     * @param  ?DrillFrame  $strip  a frame of which only the tone strip is shown
     * @param  ?array{LightLedger, LightLedger}  $ledgers  the account before and after, for the explanation
     */
    public function __construct(
        public DrillKind $kind,
        public int $level,
        public int $seed,
        public string $scene,
        public string $question,
        public AnswerUnit $unit,
        public float|string $right,
        public string $why,
        public array $choices = [],
        public array $frames = [],
        public ?DrillFrame $strip = null,
        public ?array $ledgers = null,
    ) {
    }

    /** @throws \InvalidArgumentException when the answer cannot be read */
    public function isRight(string $answer): bool
    {
        return $this->unit->isRight($answer, $this->right);
    }

    public function rightText(): string
    {
        return $this->choices[(string) $this->right] ?? $this->unit->text($this->right);
    }
}
