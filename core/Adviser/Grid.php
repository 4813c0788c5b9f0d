<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use TruePupil\Core\Exposure\StopIncrement;

/** The values that dials can be set to, in APEX: aperture and time by the body's increment, ISO in thirds. */
final readonly class Grid
{
    /** Half a third: an exposure this near balances the light. */
    public const BALANCED = 1 / 6 + 1e-9;

    private const HAIR = 1e-6;

    public function __construct(private StopIncrement $increment)
    {
    }

    /**
     * From the widest, which a lens always offers even off the scale, to the smallest.
     *
     * @return list<float>
     */
    public function apertures(float $widest, float $smallest): array
    {
        $per = $this->increment->perStop();
        $values = [$widest];
        for ($step = (int) floor($widest * $per + self::HAIR) + 1; $step / $per <= $smallest + self::HAIR; $step++) {
            $values[] = $step / $per;
        }

        return $values;
    }

    /** @return list<float> */
    public function isos(float $lowest, float $highest): array
    {
        $values = [];
        for ($step = (int) ceil($lowest * 3 - self::HAIR); $step / 3 <= $highest + self::HAIR; $step++) {
            $values[] = $step / 3;
        }

        return $values;
    }

    /** The nearest time on the dial. */
    public function time(float $tv): float
    {
        return round($tv * $this->increment->perStop()) / $this->increment->perStop();
    }

    /** @return list<float> every time from the slowest to the fastest; none when no step lies between */
    public function times(float $slowest, float $fastest): array
    {
        $per = $this->increment->perStop();
        [$first, $last] = [(int) ceil($slowest * $per - self::HAIR), (int) floor($fastest * $per + self::HAIR)];

        return $first > $last ? [] : array_map(fn (int $step): float => $step / $per, range($first, $last));
    }
}
