<?php

declare(strict_types=1);

namespace App\Patterns;

/** How many of a class lie on which side. */
final class Sides
{
    /**
     * @param  list<string>  $sides  one for each frame
     * @return string "3 too dark, 2 too bright", the most first; empty for none
     */
    public static function inWords(array $sides): string
    {
        $counts = array_count_values($sides);
        arsort($counts);

        return implode(
            ', ',
            array_map(fn (string $side, int $count): string => $count.' '.$side, array_keys($counts), $counts),
        );
    }
}
