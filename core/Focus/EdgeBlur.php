<?php

declare(strict_types=1);

namespace TruePupil\Core\Focus;

/**
 * How far edges are spread, from what a second blur takes away of them: a sharp edge loses much, a soft one little
 * (Zhuo and Sim, Defocus map estimation from a single image, 2011; Crété and others, The blur effect, 2007).
 *
 * A step of any height that is spread by σ has squared slopes that add up to h²/(2√π·σ). Blurred again by σ₂ it is
 * spread by √(σ² + σ₂²), so that both sums stand as √(σ² + σ₂²) : σ. White noise adds to both sums what it shows in
 * plain places. Blurs are standard deviations, in pixels of the picture that is judged; they hold the blur of the grid
 * of pixels itself, since a slope between neighbours is that of a box two pixels wide: 1/√3, added in squares.
 */
final class EdgeBlur
{
    /** Of the blur that a picture gets before anything is measured, to keep noise down. */
    public const FIRST = 0.8;

    /** Of the second one. */
    public const SECOND = 1.6;

    /** What is spread further is not told apart. */
    public const LONGEST = 10.0;

    /** @return float pixels, from 0 to LONGEST */
    public static function of(float $fine, float $blurred): float
    {
        $ratio = $blurred > 0.0 ? $fine / $blurred : 1.0;
        if ($ratio <= 1.0) {
            return self::LONGEST;
        }
        $spread = self::SECOND ** 2 / ($ratio ** 2 - 1) - self::FIRST ** 2;

        return min(self::LONGEST, sqrt(max(0.0, $spread)));
    }

    /** How steep an edge of this blur is against the steepest that the judged picture can hold, 0–1. */
    public static function sharpness(float $blur): float
    {
        return self::FIRST / hypot($blur, self::FIRST);
    }
}
