<?php

declare(strict_types=1);

namespace TruePupil\Core\Brief;

/** One measurable demand of a brief. */
final readonly class Check
{
    /**
     * @param  float|list<string>  $limit  a number in the measure's unit, or words for OneOf and NoneOf
     * @param  float  $tolerance  how far beyond the limit still counts as close, in the measure's unit
     * @param  string  $sentence  the demand in plain words
     * @param  string  $reason  why the brief asks for it, in one line
     * @param  ?string  $row  the row of the brief that it is asked of; every frame where null
     */
    public function __construct(
        public string $id,
        public CheckMeasure $measure,
        public Comparison $comparison,
        public float|array $limit,
        public float $tolerance,
        public string $sentence,
        public string $reason,
        public ?string $row = null,
    ) {
    }
}
