<?php

declare(strict_types=1);

namespace TruePupil\Core\PracticeCamera;

/**
 * A straight, even streak as a few steps: a picture laid over itself half and half, each time shifted twice as far,
 * leaves 2ⁿ evenly spread copies after n steps.
 */
final class Streak
{
    /**
     * The shifts, in whole pixels; together they cover the streak's length, and no two copies lie more than two pixels
     * apart.
     *
     * @param  float  $right  pixels
     * @param  float  $down  pixels
     * @return list<array{int, int}>
     */
    public static function shifts(float $right, float $down): array
    {
        $length = max(abs($right), abs($down));
        if ($length < 0.75) {
            return [];
        }
        $steps = max(1, (int) ceil(log($length + 1, 2)));
        $shifts = [];
        [$atRight, $atDown] = [0, 0];
        for ($step = 0; $step < $steps; $step++) {
            $share = 2 ** $step / (2 ** $steps - 1);
            // The last and longest takes what rounding left over.
            $shifts[] =
                $step === $steps - 1
                    ? [(int) round($right) - $atRight, (int) round($down) - $atDown]
                    : [(int) round($right * $share), (int) round($down * $share)];
            $atRight += $shifts[$step][0];
            $atDown += $shifts[$step][1];
        }

        return $shifts;
    }
}
