<?php

declare(strict_types=1);

namespace TruePupil\Core\Measures;

use TruePupil\Core\Composition\Region;
use TruePupil\Core\Composition\SubjectShape;
use TruePupil\Core\Raster\ColourGrid;
use TruePupil\Core\Tone\Histogram;
use TruePupil\Core\Tone\PixelStatistics;

/**
 * Where light tones have lost their shades though they are not white: skin in hard light burns in red long before green
 * and blue come to their end. A strong colour is not burnt: of a red petal nothing else was there.
 */
final class BurntTones
{
    /** A channel is at its end within so many codes of it: the mean of a cell lies a little below its pixels. */
    private const NEAR = 3;

    /** Saturation (HSV) up to which a tone is light rather than colour. */
    private const PALE = 0.5;

    /** The lowest code at which the tones of a finished file pile up. */
    private const LOWEST_END = 236;

    /** So many times as many pixels as at the codes below make a pile, and so large a share of all pixels. */
    private const PILE = 4;

    private const SHARE = 0.0005;

    /**
     * @param  ColourGrid  $grid  of the whole picture
     * @param  PixelStatistics  $pixels  of the whole picture
     * @param  ?SubjectShape  $shape  of what counts in the region; null: all of it
     * @return float % of it in which red or green is at its end and the tone is pale
     */
    public static function percentIn(
        Region $region,
        ColourGrid $grid,
        PixelStatistics $pixels,
        ?SubjectShape $shape = null,
    ): float {
        $end = self::end($pixels) - self::NEAR;
        [$left, $right] = self::cells($region->x, $region->width, $grid->columns);
        [$top, $bottom] = self::cells($region->y, $region->height, $grid->rows);
        $burnt = $all = 0;
        for ($y = $top; $y < $bottom; $y++) {
            for ($x = $left; $x < $right; $x++) {
                if ($shape?->holds(($x + 0.5) / $grid->columns, ($y + 0.5) / $grid->rows) === false) {
                    continue;
                }
                $i = 3 * ($y * $grid->columns + $x);
                $all++;
                [$r, $g, $b] = [ord($grid->bytes[$i]), ord($grid->bytes[$i + 1]), ord($grid->bytes[$i + 2])];
                $most = max($r, $g, $b);
                $burnt += max($r, $g) >= $end && $most - min($r, $g, $b) <= self::PALE * $most ? 1 : 0;
            }
        }

        return $all === 0 ? 0.0 : (100 * $burnt) / $all;
    }

    /**
     * The code from which nothing more can be told: where red and green pile up together below white, as in files that
     * were finished with a duller white; else 255.
     */
    private static function end(PixelStatistics $pixels): int
    {
        [$red, $green] = [self::pile($pixels->red), self::pile($pixels->green)];

        return $red !== null && $green !== null && abs($red - $green) <= self::NEAR ? max($red, $green) : 255;
    }

    private static function pile(Histogram $channel): ?int
    {
        $counts = $channel->counts;
        for ($code = 255; $code >= self::LOWEST_END; $code--) {
            $below = array_sum(array_slice($counts, $code - 8, 7)) / 7;
            if (
                $counts[$code] >= self::PILE * max(1, $below) &&
                $counts[$code] >= self::SHARE * $channel->total &&
                array_sum(array_slice($counts, $code + 1)) <= $counts[$code] / self::PILE
            ) {
                return $code;
            }
        }

        return null;
    }

    /** @return array{int, int} the first cell along a side, and the one after the last */
    private static function cells(float $from, float $size, int $count): array
    {
        $first = min($count - 1, (int) round($from * $count));

        return [$first, max($first + 1, min($count, (int) round(($from + $size) * $count)))];
    }
}
