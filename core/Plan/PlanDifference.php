<?php

declare(strict_types=1);

namespace TruePupil\Core\Plan;

/** One planned value beside what was taken. */
final readonly class PlanDifference
{
    public function __construct(
        /** What it is, such as "exposure time". */
        public string $name,
        public string $planned,
        public string $taken,
        /** How far apart, in stops, positive for more light; null where it cannot be counted so. */
        public ?float $stops,
        public bool $isKept,
    ) {
    }
}
