<?php

declare(strict_types=1);

namespace App\Imaging\Vips;

/**
 * From which value on a channel of a sensor is full. What is known of a camera says where its scale ends; many a sensor
 * is full a little before, and its full pixels then pile up there.
 */
final class SensorEnd
{
    /** Looked for in this much of the scale below its end. */
    private const REACH = 0.1;

    /** Of the scale: as fine as a heap is looked for. */
    private const STEP = 0.0025;

    /** So many times as many as in an ordinary step are a heap. */
    private const HEAP = 8;

    /** Share of all values below which nothing can be told. */
    private const LEAST = 0.0005;

    /**
     * @param  array<int, int>  $counts  by value, black being 0
     * @param  int  $white  where the scale ends
     */
    public static function of(array $counts, int $white): int
    {
        $from = (int) floor($white * (1 - self::REACH));
        $width = max(1, (int) round($white * self::STEP));
        $steps = [];
        foreach ($counts as $value => $count) {
            if ($value >= $from) {
                // What lies at the end or beyond it is full whatever else is seen.
                $step = intdiv(min($value, $white) - $from, $width);
                $steps[$step] = ($steps[$step] ?? 0) + $count;
            }
        }
        if ($steps === [] || array_sum($steps) < self::LEAST * array_sum($counts)) {
            return $white;
        }
        $highest = (int) array_search(max($steps), $steps, true);
        $last = intdiv($white - $from, $width);
        $others = array_map(fn (int $step): int => $steps[$step] ?? 0, range(0, max(0, $highest - 2)));
        sort($others);
        $ordinary = $others[intdiv(count($others), 2)];
        $above = array_sum(array_filter($steps, fn (int $step): bool => $step > $highest + 1, ARRAY_FILTER_USE_KEY));
        $isHeap = $steps[$highest] >= self::HEAP * max(1, $ordinary) && $above < $steps[$highest] / self::HEAP;

        // A heap spreads over a step either way.
        return $isHeap && $highest < $last - 1 ? $from + max(0, $highest - 1) * $width : $white;
    }
}
