<?php

declare(strict_types=1);

namespace App\Wording;

use TruePupil\Core\Brief\CheckMeasure;
use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Checks\Measures;
use TruePupil\Core\Checks\Verdict;
use TruePupil\Core\Exposure\Stops;

/** What one check came to on one frame, as people say it: its value, its side, and how far off it is. */
final readonly class CheckNumber
{
    /**
     * @param  float|list<string>  $limit
     * @param  bool  $isAboutZero  whether a distance of zero to either side was asked
     */
    public function __construct(
        public CheckMeasure $measure,
        public Verdict $verdict,
        private float|string|null $value,
        private float|array $limit,
        private bool $isAboutZero = false,
    ) {
    }

    /** @param  array<string, mixed>  $check  as a frame stores it */
    public static function of(array $check, ?Comparison $comparison = null): self
    {
        $value = $check['value'] ?? null;

        return new self(
            Measures::of((string) $check['measure']),
            Verdict::from($check['verdict']),
            is_int($value) ? (float) $value : $value,
            is_array($check['limit']) ? array_values($check['limit']) : (float) $check['limit'],
            $comparison === Comparison::Within,
        );
    }

    /** "ƒ/4", "−1½ stops", "program"; null where it cannot be told. */
    public function told(): ?string
    {
        return match (true) {
            $this->value === null => null,
            is_string($this->value) => $this->measure->word($this->value),
            default => $this->measure->told($this->value),
        };
    }

    /** Stops of light between it and what was asked: "1½ stops"; null for whatever is not counted in stops. */
    public function stops(): ?string
    {
        if (! is_float($this->value) || ! is_float($this->limit)) {
            return null;
        }
        $perDoubling = $this->measure->stopsInADoubling();

        return match (true) {
            // The distance to its place, and not to the edge of what is allowed.
            $this->measure->unit === 'stops' && $this->isAboutZero => Stops::of($this->value)->inWords(),
            $this->measure->unit === 'stops' => Stops::of($this->value - $this->limit)->inWords(),
            $perDoubling === null || $this->value <= 0.0 || $this->limit <= 0.0 => null,
            default => Stops::of($perDoubling * log($this->value / $this->limit, 2))->inWords(),
        };
    }

    /** On which side of the limit it lies: "too dark"; a word for itself; null where that is not known. */
    public function side(): ?string
    {
        if (! is_float($this->value)) {
            return $this->told();
        }
        [$below, $above] = $this->measure->sides;

        // What is beside a limit to either side of zero, and negative, lies below it as well.
        return $this->value > (is_float($this->limit) ? $this->limit : 0.0) ? $above : $below;
    }
}
