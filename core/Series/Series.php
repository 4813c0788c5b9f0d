<?php

declare(strict_types=1);

namespace TruePupil\Core\Series;

use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Kit\DriveMode;

/**
 * Frames taken as a row, in the order of their times. All differences in stops; half a third is no difference, since
 * dials and records round.
 */
final readonly class Series
{
    /** Half a third of a stop. */
    public const SAME = 1 / 6 + 1e-6;

    /** The exposures of one set agree when they lie this near to one another: one click. */
    public const ONE_CLICK = 1 / 3 + 1e-6;

    /** A row taken within this many seconds a frame was meant as a bracket, where nothing else says what it was. */
    private const BURST_SECONDS = 4;

    /** Focal lengths within this ratio are one: records of a zoom wander a little. */
    private const ONE_LENGTH = 1.03;

    /** @param  list<CaptureRecord>  $frames */
    private function __construct(public array $frames, public ?SeriesKind $declared)
    {
    }

    /**
     * @param  list<CaptureRecord>  $frames
     * @param  ?SeriesKind  $declared  what the brief wanted
     * @return ?self null for fewer than two frames, or when the settings of one are not known
     */
    public static function of(array $frames, ?SeriesKind $declared = null): ?self
    {
        $known = array_filter($frames, fn (CaptureRecord $frame): bool => $frame->settings() !== null);
        if (count($frames) < 2 || count($known) < count($frames)) {
            return null;
        }
        $keys = array_keys($frames);
        // Frames without a time keep their place; the sort is stable.
        usort(
            $keys,
            fn (int $a, int $b): int => ($frames[$a]->takenAt ?? null) <=> ($frames[$b]->takenAt ?? null) ?: $a <=> $b,
        );

        return new self(array_map(fn (int $key): CaptureRecord => $frames[$key], $keys), $declared);
    }

    public function kind(): SeriesKind
    {
        $moving = $this->moving();
        $exposureMoves = $this->range($this->exposures()) > self::ONE_CLICK;

        return $this->declared ??
            match (true) {
                ! $exposureMoves && count($moving) >= 2 => SeriesKind::EqualExposures,
                $exposureMoves && ($this->isBracketDrive() || $this->isQuickBracket($moving)) => SeriesKind::Bracket,
                default => SeriesKind::OneVariable,
            };
    }

    /** @return list<'aperture'|'time'|'iso'> which values differ between the frames */
    public function moving(): array
    {
        return array_values(
            array_filter(
                ['aperture', 'time', 'iso'],
                fn (string $value): bool => $this->range($this->values($value)) > self::SAME,
            ),
        );
    }

    /**
     * @param  'aperture'|'time'|'iso'  $which
     * @return list<float> light given by that value, in stops, frame by frame
     */
    public function values(string $which): array
    {
        $values = [];
        foreach ($this->frames as $frame) {
            $values[] = match ($which) {
                'aperture' => -($frame->exposure->fNumber?->apex() ?? 0.0),
                'time' => -($frame->exposure->exposureTime?->apex() ?? 0.0),
                'iso' => $frame->exposure->iso?->stopsAbove100() ?? 0.0,
            };
        }

        return $values;
    }

    /** @return list<float> brightness of each frame in stops, as far as its settings decide it */
    public function exposures(): array
    {
        return array_map(
            fn (float $aperture, float $time, float $iso): float => $aperture + $time + $iso,
            $this->values('aperture'),
            $this->values('time'),
            $this->values('iso'),
        );
    }

    /** @return list<float> the steps of a bracket in stops, from its darkest frame up */
    public function steps(): array
    {
        $sorted = $this->exposures();
        sort($sorted);

        return array_map(
            fn (float $to, float $from): float => $to - $from,
            array_slice($sorted, 1),
            array_slice($sorted, 0, -1),
        );
    }

    /**
     * Whether a value only rises, or only falls, from frame to frame.
     *
     * @param  'aperture'|'time'|'iso'  $which
     */
    public function isMonotonic(string $which): bool
    {
        $values = $this->values($which);
        $steps = array_map(
            fn (float $to, float $from): float => $to - $from,
            array_slice($values, 1),
            array_slice($values, 0, -1),
        );

        return $steps !== [] && (min($steps) > self::SAME || max($steps) < -self::SAME);
    }

    /** Seconds from one frame's end to the next one's start, the longest; null while a time is not recorded. */
    public function longestGap(): ?float
    {
        $longest = 0.0;
        for ($i = 1; $i < count($this->frames); $i++) {
            [$before, $after] = [$this->frames[$i - 1], $this->frames[$i]];
            if ($before->takenAt === null || $after->takenAt === null) {
                return null;
            }
            $apart = $after->takenAt->getTimestamp() - $before->takenAt->getTimestamp();
            $longest = max($longest, $apart - ($before->exposure->exposureTime->exact ?? 0.0));
        }

        return $longest;
    }

    public function count(): int
    {
        return count($this->frames);
    }

    /**
     * Stops from the least to the most across the row: of the light that one value gives, of the whole exposure, or of
     * the steps from frame to frame.
     *
     * @param  'aperture'|'time'|'iso'|'exposure'|'step'  $what
     */
    public function rangeOf(string $what): float
    {
        return $this->range(match ($what) {
            'exposure' => $this->exposures(),
            'step' => $this->steps(),
            default => $this->values($what),
        });
    }

    /** @param  list<float>  $values */
    public function range(array $values): float
    {
        return $values === [] ? 0.0 : max($values) - min($values);
    }

    /** Whether all frames were taken with one lens at one focal length, as far as both are recorded. */
    public function isOneView(): bool
    {
        [$names, $lengths] = [[], []];
        foreach ($this->frames as $frame) {
            if ($frame->lens->name !== null) {
                $names[] = $frame->lens->name;
            }
            if ($frame->lens->focalLength !== null) {
                $lengths[] = $frame->lens->focalLength;
            }
        }

        return count(array_unique($names)) <= 1 &&
            ($lengths === [] || max($lengths) <= min($lengths) * self::ONE_LENGTH);
    }

    /** Whether the camera itself bracketed, as its record says. */
    private function isBracketDrive(): bool
    {
        foreach ($this->frames as $frame) {
            if ($frame->handling->drive !== DriveMode::Bracket) {
                return false;
            }
        }

        return true;
    }

    /**
     * Whether times were moved in one go, of one view.
     *
     * @param  list<'aperture'|'time'|'iso'>  $moving
     */
    private function isQuickBracket(array $moving): bool
    {
        return in_array('time', $moving, true) && $this->isBurst() && $this->isOneView();
    }

    private function isBurst(): bool
    {
        $gap = $this->longestGap();

        return $gap !== null && $gap <= self::BURST_SECONDS;
    }
}
