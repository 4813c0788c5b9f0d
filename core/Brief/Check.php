<?php

declare(strict_types=1);

namespace TruePupil\Core\Brief;

use TruePupil\Core\Findings\Need;
use TruePupil\Core\Findings\Situation;

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
        public Measure $measure,
        public Comparison $comparison,
        public float|array $limit,
        public float $tolerance,
        public string $sentence,
        public string $reason,
        public ?string $row = null,
    ) {
    }

    /** Whether it is asked of this frame: what is said of a row is said once, with its last frame. */
    public function concerns(Situation $situation): bool
    {
        return ($this->row === null || $this->row === $situation->row) &&
            (! $this->measure->isOfSeries() || ! $situation->isWithinRow);
    }

    public function evaluate(Situation $situation): CheckResult
    {
        $value = $this->measure->of($situation);
        if ($value === null) {
            $missing = array_values(
                array_filter($this->measure->needs(), fn (Need $need): bool => ! $need->isKnownIn($situation)),
            );

            return new CheckResult($this, null, null, Verdict::Unknown, $missing);
        }
        if (is_string($value) || is_array($this->limit)) {
            $listed = is_array($this->limit) && in_array((string) $value, $this->limit, true);
            $met = $this->comparison === Comparison::NoneOf ? ! $listed : $listed;

            return new CheckResult($this, $value, null, $met ? Verdict::Met : Verdict::Missed);
        }
        $margin = match ($this->comparison) {
            Comparison::Within => $this->limit - abs($value),
            Comparison::AtLeast => $value - $this->limit,
            default => $this->limit - $value,
        };
        // A hair of slack: thirds that went through logarithms must still equal thirds.
        $verdict = match (true) {
            $margin >= -1e-6 => Verdict::Met,
            $margin >= -$this->tolerance - 1e-6 => Verdict::Close,
            default => Verdict::Missed,
        };

        return new CheckResult($this, $value, $margin, $verdict);
    }
}
