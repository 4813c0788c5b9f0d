<?php

declare(strict_types=1);

namespace TruePupil\Core\Brief;

/** What a brief ordinarily asks of a measure. */
final readonly class UsualDemand
{
    /**
     * @param  float|list<string>  $limit  in the measure's unit, or words
     * @param  float  $tolerance  how far beyond it still counts as close
     */
    public function __construct(
        public Comparison $comparison,
        public float|array $limit,
        public float $tolerance = 0.0,
    ) {
    }
}
