<?php

declare(strict_types=1);

namespace App\Practice;

use App\Imaging\Vips\Light;
use TruePupil\Core\PracticeCamera\Streak;

/** What moves while the shutter is open. */
final class Streaking
{
    /** In widths of the picture: what is drawn out further has no more than a hundredth of its light anywhere. */
    public const LONGEST = 20;

    /**
     * Drawn out evenly along a straight line, half to either side.
     *
     * @param  float  $right  pixels
     * @param  float  $down  pixels
     */
    public static function along(Light $light, float $right, float $down, bool $repeatsEdge = true): Light
    {
        // Further than this nothing changes any more.
        $most = self::LONGEST * $light->width;
        [$right, $down] = [max(-$most, min($most, $right)), max(-$most, min($most, $down))];
        $shifts = Streak::shifts($right, $down);
        if ($shifts === []) {
            return $light;
        }
        foreach ($shifts as [$x, $y]) {
            $light = $light->plus($light->shifted($x, $y, $repeatsEdge))->kept();
        }

        return $light
            ->linear(0.5 ** count($shifts))
            ->shifted(-(int) round($right / 2), -(int) round($down / 2), $repeatsEdge);
    }
}
