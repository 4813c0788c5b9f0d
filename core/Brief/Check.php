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
     * @param  ?float  $upTo  the second limit of Between, in the measure's unit
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
        public ?float $upTo = null,
    ) {
    }

    /**
     * The limit that a value has to keep: of two the one that it lies beyond, or nearest to.
     *
     * @throws \LogicException where words are asked
     */
    public function limitOf(float $value): float
    {
        $limit = is_float($this->limit) ? $this->limit : throw new \LogicException('Words have no limit.');

        return $this->upTo !== null && abs($value - $this->upTo) < abs($value - $limit) ? $this->upTo : $limit;
    }

    /** What still counts as close beyond one of the limits; below a range it is as many stops away as above it. */
    public function closeBeyond(float $limit): float
    {
        $isLower = $this->comparison === Comparison::AtLeast || ($this->upTo !== null && $limit < $this->upTo);

        return match (true) {
            ! $isLower => $limit + $this->tolerance,
            $this->upTo !== null && $this->measure->stopsInADoubling() !== null && $this->upTo > 0.0 => $limit *
                $this->upTo / ($this->upTo + $this->tolerance),
            default => $limit - $this->tolerance,
        };
    }
}
