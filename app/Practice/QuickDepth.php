<?php

declare(strict_types=1);

namespace App\Practice;

use App\Imaging\Vips\Light;
use App\Imaging\Vips\Vips;
use TruePupil\Core\PracticeCamera\Defocus;
use TruePupil\Core\PracticeCamera\DepthScale;

/**
 * Depth of field for the live picture, in at most four parts: what is far behind, what is a little soft, what is sharp,
 * and what is close in front. All but the sharp part is put together at half the size or a quarter, where a tenth of
 * the work does; each part is laid over the ones behind it by its share of a pixel.
 */
final readonly class QuickDepth
{
    /** Radius in pixels from which a disc is drawn at a quarter of the size. */
    private const QUARTER_FROM = 4.5;

    /** So little of another colour stands in where nothing else is known. */
    private const STAND_IN = 1e-3;

    private const NOTHING = 1e-9;

    public function __construct(private Vips $vips, private RenderQuality $fineness)
    {
    }

    /**
     * @param  Light  $depth  levels of the depth scale
     * @param  list<int>  $present  the levels that occur
     */
    public function blur(Light $light, Light $depth, array $present, Defocus $defocus): Light
    {
        $shares = LayerShares::of($present, $defocus);
        $sharpest = (int) array_search(0.0, $defocus->radii, true);
        $last = count($shares) - 1;
        \assert($sharpest <= 2 && $last - $sharpest <= 2);
        if (array_keys(array_filter($shares)) === [$sharpest]) {
            return $light;
        }
        $half = [$light->shrunk(2)->kept(), $this->smaller($depth, 2)];
        $front = $last - $sharpest < 2 ? null : $this->part($half, $shares[$last], abs($defocus->radii[$last]));
        $back = $sharpest < 2 ? null : $this->part($half, $shares[0], abs($defocus->radii[0]));
        $blurred = $half[0];
        if ($back !== null || $front !== null) {
            // A disc of two or three pixels looks the same in front and behind: only what is farther out is told apart.
            // Where something close in front is alone, what is behind goes on; where none is known, its own colour
            // does.
            $clear = self::sum(
                array_slice($shares, max(0, $sharpest - 1), min($last, $sharpest + 1) - max(0, $sharpest - 1) + 1),
            );
            $far = $sharpest < 2 ? null : $shares[0];
            $hides = array_map(
                fn (float $near, float $far): float => $near / ($near + $far + self::NOTHING),
                $clear,
                $far ?? array_fill(0, DepthScale::LEVELS, 0.0),
            );
            $blurred = $this->share($half[1], $hides)->blended($blurred, ($back ?? $front)['colour']);
        }
        if ($front !== null) {
            $blurred = $front['cover']->blended($front['colour'], $blurred);
        }
        $blurred = $blurred->kept()->doubled();
        if ($shares[$sharpest] === null) {
            return $blurred;
        }
        $share = $this->share($depth, $shares[$sharpest]);
        if ($front !== null) {
            // What is sharp is seen past what is in front of it.
            $share = $front['cover']->doubledBytes()->blended($share->linear(0.0)->toBytes(), $share);
        }

        return $share->blended($light, $blurred);
    }

    /**
     * What falls into one layer, blurred by its disc, at half the size: its colour, and how much of it covers what is
     * behind.
     *
     * @param  array{Light, Light}  $half  light and depth
     * @param  ?array<int, float>  $shares
     * @return ?array{colour: Light, cover: Light} light in three bands, bytes in one
     */
    private function part(array $half, ?array $shares, float $radius): ?array
    {
        if ($shares === null) {
            return null;
        }
        $isQuarter = $radius >= self::QUARTER_FROM;
        [$light, $levels] = $isQuarter ? [$half[0]->shrunk(2)->kept(), $this->smaller($half[1], 2)] : $half;
        // Averaging squares and mixing between them on the way back spread a point as a disc of radius "scale" does: so
        // much is taken off.
        $scale = $isQuarter ? 4 : 2;
        $cover = $levels->lookedUp(LayerShares::table($this->vips, $shares))->kept();
        $part = DiscBlur::blur(
            Light::join([$light->times($cover), $cover]),
            sqrt(max(0.0, $radius ** 2 - $scale ** 2)) / $scale,
            $this->fineness->detail,
        )->kept();
        // Beyond where it reaches, the colour that is there stands in, so that mixing neighbours finds no black.
        $colour = $part
            ->band(0, 3)
            ->plus($light->linear(self::STAND_IN))
            ->over($part->band(3)->linear(1.0, self::STAND_IN))
            ->kept();
        $cover = $part->band(3)->linear(255.0, 0.5)->toBytes()->kept();

        return $isQuarter
            ? ['colour' => $colour->doubled(), 'cover' => $cover->doubledBytes()->kept()]
            : ['colour' => $colour, 'cover' => $cover];
    }

    /** @param  array<int, float>  $shares  at each level */
    private function share(Light $depth, array $shares): Light
    {
        return $depth->lookedUp(
            Light::fromBytes(
                $this->vips,
                pack('C*', ...array_map(fn (float $share): int => (int) (255 * $share + 0.5), $shares)),
                DepthScale::LEVELS,
                1,
                1,
            ),
        );
    }

    private function smaller(Light $depth, int $times): Light
    {
        return $depth->resized(intdiv($depth->width, $times), intdiv($depth->height, $times), false)->kept();
    }

    /**
     * @param  list<?array<int, float>>  $shares
     * @return array<int, float>
     */
    private static function sum(array $shares): array
    {
        return array_map(
            fn (float ...$each): float => array_sum($each),
            array_fill(0, DepthScale::LEVELS, 0.0),
            ...array_filter($shares),
        );
    }
}
