<?php

declare(strict_types=1);

namespace App\Merging;

use App\Imaging\Vips\Encoding;
use App\Imaging\Vips\Light;
use App\Imaging\Vips\Vips;
use TruePupil\Core\Raster\GreyGrid;
use TruePupil\Core\Series\Overlap;
use TruePupil\Core\Tone\Srgb;

/**
 * Frames side by side as one picture: each laid where it correlates with the one before, with a soft seam. They are
 * only moved, not bent: good enough to judge a row by.
 */
final readonly class PanoramaJoin
{
    /** Longest side of each frame, pixels. */
    private const SIDE = 640;

    /** Columns of the grid in which a place is looked for, and of the one in which it is made precise. */
    private const COARSE = 96;

    /** Longest side of what is shown. */
    private const WIDEST = 2400;

    private Encoding $encoding;

    public function __construct(private Vips $vips)
    {
        $this->encoding = new Encoding($vips);
    }

    /**
     * @param  non-empty-list<string>  $paths  upright sRGB copies of one size, in their order
     * @return ?string a JPEG; null where two neighbours have nothing in common
     */
    public function jpeg(array $paths, int $quality): ?string
    {
        $frames = array_map(fn (string $path): Light => $this->encoding->open($path, self::SIDE), $paths);
        $places = $this->places($frames);
        if ($places === null) {
            return null;
        }
        [$left, $top] = [min(array_column($places, 0)), min(array_column($places, 1))];
        $width = max(array_column($places, 0)) - $left + $frames[0]->width;
        $height = max(array_column($places, 1)) - $top + $frames[0]->height;
        [$sum, $weights] = [null, null];
        foreach ($frames as $index => $frame) {
            [$x, $y] = [$places[$index][0] - $left, $places[$index][1] - $top];
            $weight = $this->seam($frame->width, $frame->height);
            $light = $this->encoding->linear($frame)->times($weight)->placed($x, $y, $width, $height, false)->kept();
            $weight = $weight->placed($x, $y, $width, $height, false)->kept();
            $sum = $sum === null ? $light : $sum->plus($light)->kept();
            $weights = $weights === null ? $weight : $weights->plus($weight)->kept();
        }
        $joined = $this->encoding->encoded($sum->over($weights->linear(1.0, 1e-6)));
        $scale = min(1.0, self::WIDEST / max($width, $height));

        return $joined->resized(
            max(1, (int) round($width * $scale)),
            max(1, (int) round($height * $scale)),
        )->jpeg($quality);
    }

    /**
     * @param  non-empty-list<Light>  $frames
     * @return ?non-empty-list<array{int, int}> where each begins, in pixels
     */
    private function places(array $frames): ?array
    {
        $places = [[0, 0]];
        $grids = array_map($this->grid(...), $frames);
        foreach (array_slice($frames, 1) as $index => $frame) {
            $overlap = Overlap::between($grids[$index], $grids[$index + 1]);
            if ($overlap === null) {
                return null;
            }
            $cell = $frame->width / self::COARSE;
            $places[] = $this->precise($frames[$index], $frame, [
                (int) round($overlap->right * $cell),
                (int) round($overlap->down * $cell),
            ], $places[$index]);
        }

        return $places;
    }

    /**
     * The place that a coarse grid found, made precise within one of its cells.
     *
     * @param  array{int, int}  $found
     * @param  array{int, int}  $before  where the frame before begins
     * @return array{int, int}
     */
    private function precise(Light $first, Light $second, array $found, array $before): array
    {
        $reach = (int) ceil($first->width / self::COARSE);
        [$one, $other] = [$this->greys($first), $this->greys($second)];
        $best = [0, 0, INF];
        for ($right = $found[0] - $reach; $right <= $found[0] + $reach; $right++) {
            for ($down = $found[1] - $reach; $down <= $found[1] + $reach; $down++) {
                $apart = self::apart($one, $other, $right, $down, $first->width, $first->height);
                if ($apart < $best[2]) {
                    $best = [$right, $down, $apart];
                }
            }
        }

        return [$before[0] + $best[0], $before[1] + $best[1]];
    }

    /**
     * Mean difference of what both show, on every few pixels.
     *
     * @param  list<float>  $one
     * @param  list<float>  $other
     */
    private static function apart(array $one, array $other, int $right, int $down, int $width, int $height): float
    {
        [$sum, $count] = [0.0, 0];
        for ($y = max(0, $down); $y < min($height, $height + $down); $y += 7) {
            for ($x = max(0, $right); $x < min($width, $width + $right); $x += 5) {
                $sum += abs($one[$y * $width + $x] - $other[($y - $down) * $width + $x - $right]);
                $count++;
            }
        }

        return $count === 0 ? INF : $sum / $count;
    }

    /** @return list<float> */
    private function greys(Light $frame): array
    {
        return $frame->toFloat()->weighed(Srgb::WEIGHTS)->floats();
    }

    private function grid(Light $frame): GreyGrid
    {
        $rows = max(1, (int) round(self::COARSE * $frame->height / $frame->width));

        return GreyGrid::of(
            self::COARSE,
            $rows,
            $frame->toFloat()->weighed(Srgb::WEIGHTS)->resized(self::COARSE, $rows)->floats(),
        );
    }

    /** Full in the middle of a frame, falling to its sides. */
    private function seam(int $width, int $height): Light
    {
        $row = array_map(fn (int $x): float => min($x + 1, $width - $x) / $width, range(0, $width - 1));

        return Light::fromFloats($this->vips, pack('g*', ...$row), $width, 1, 1)->resized($width, $height)->kept();
    }
}
