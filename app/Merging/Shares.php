<?php

declare(strict_types=1);

namespace App\Merging;

use App\Imaging\Vips\Light;
use App\Imaging\Vips\Vips;

/** Which of several frames has the most to say at each place, counted. */
final class Shares
{
    /**
     * @param  non-empty-list<list<float>>  $cells  of each frame, place by place
     * @return list<float> % of the places at which each frame has the most
     */
    public static function of(array $cells): array
    {
        $counts = array_fill(0, count($cells), 0);
        foreach (self::best($cells) as $frame) {
            $counts[$frame]++;
        }
        $places = max(1, count($cells[0]));

        return array_map(fn (int $count): float => 100 * $count / $places, array_values($counts));
    }

    /**
     * @param  non-empty-list<list<float>>  $cells  of each frame, place by place
     * @return list<int> the frame that has the most at each place, from 0
     */
    public static function best(array $cells): array
    {
        $frames = [];
        foreach (array_keys($cells[0]) as $place) {
            $best = 0;
            foreach ($cells as $frame => $values) {
                $best = $values[$place] > $cells[$best][$place] ? $frame : $best;
            }
            $frames[] = $best;
        }

        return $frames;
    }

    /**
     * The same as a picture in greys: the first frame darkest, the last one white.
     *
     * @param  non-empty-list<list<float>>  $cells
     */
    public static function drawn(Vips $vips, array $cells, int $columns, int $quality): string
    {
        $step = 235 / max(1, count($cells) - 1);
        $bytes = implode('', array_map(
            fn (int $frame): string => chr((int) (20 + $frame * $step)),
            self::best($cells),
        ));
        $rows = intdiv(strlen($bytes), $columns);

        return Light::fromBytes($vips, $bytes, $columns, $rows, 1)
            ->resized(8 * $columns, 8 * $rows, false)
            ->jpeg($quality);
    }
}
