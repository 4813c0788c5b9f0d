<?php

declare(strict_types=1);

namespace TruePupil\Core\Brief;

use TruePupil\Core\Findings\Situation;
use TruePupil\Core\Series\SeriesKind;

/** An exercise: its purpose, cautions, the subjects it offers and its checks. */
final readonly class Brief
{
    /**
     * @param  list<string>  $task  what to do, step by step
     * @param  list<string>  $cautions
     * @param  list<Placement>  $placements  the subjects to choose from and where each belongs
     * @param  list<Check>  $checks
     * @param  list<DecisionAsked>  $decisions  values that the student is to decide
     * @param  ?SeriesKind  $series  what several frames are to be
     */
    public function __construct(
        public string $id,
        public int $number,
        public string $title,
        public string $purpose,
        public array $task,
        public int $frames,
        public array $cautions,
        public array $placements,
        public array $checks,
        public array $decisions = [],
        public ?SeriesKind $series = null,
    ) {
    }

    public function placement(?string $id): ?Placement
    {
        foreach ($this->placements as $placement) {
            if ($placement->id === $id) {
                return $placement;
            }
        }

        return null;
    }

    /** @return list<CheckResult> */
    public function evaluate(Situation $situation): array
    {
        return array_map(fn (Check $check): CheckResult => $check->evaluate($situation), $this->checks);
    }
}
