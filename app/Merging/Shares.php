<?php

declare(strict_types=1);

namespace App\Merging;

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
        foreach (array_keys($cells[0]) as $place) {
            $best = 0;
            foreach ($cells as $frame => $values) {
                $best = $values[$place] > $cells[$best][$place] ? $frame : $best;
            }
            $counts[$best]++;
        }
        $places = max(1, count($cells[0]));

        return array_map(fn (int $count): float => 100 * $count / $places, array_values($counts));
    }
}
