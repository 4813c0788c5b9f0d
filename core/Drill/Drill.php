<?php

declare(strict_types=1);

namespace TruePupil\Core\Drill;

/** One question, its answer and why. */
final readonly class Drill
{
    /**
     * @param  list<DrillFrame>  $frames  pictures that belong to the question
     * @param  ?DrillFrame  $strip  a frame of which only the tone strip is shown
     */
    public function __construct(
        public DrillKind $kind,
        public int $level,
        public int $seed,
        public string $scene,
        public string $question,
        public DrillAnswer $answer,
        public array $frames = [],
        public ?DrillFrame $strip = null,
    ) {
    }

    /** @throws \InvalidArgumentException when the answer cannot be read */
    public function isRight(string $answer): bool
    {
        return $this->answer->unit->isRight($answer, $this->answer->right);
    }

    public function rightText(): string
    {
        return $this->answer->choices[(string) $this->answer->right] ?? $this->answer->unit->text($this->answer->right);
    }
}
