<?php

declare(strict_types=1);

namespace App\Merging;

use App\Imaging\Vips\Encoding;
use App\Imaging\Vips\Light;
use App\Imaging\Vips\Vips;
use TruePupil\Core\Tone\Srgb;

/**
 * Frames focused one behind the other as one: at every place the frame that has the most fine detail there, with soft
 * seams. Frames are taken as they lie.
 */
final readonly class FocusMerge
{
    public const SIDE = 1200;

    /** Pixels of blur that detail is told by, and over which it is gathered. */
    private const FINE = 1.0;

    private const AROUND = 8.0;

    private Encoding $encoding;

    public function __construct(private Vips $vips)
    {
        $this->encoding = new Encoding($vips);
    }

    /** @param  non-empty-list<string>  $paths  upright sRGB copies of one size */
    public function jpeg(array $paths, int $quality): string
    {
        $frames = $this->frames($paths);
        [$merged, $detail] = $frames[0];
        foreach (array_slice($frames, 1) as [$light, $own]) {
            $isSharper = $own->minus($detail)->isMoreThan(0.0)->kept();
            $merged = $isSharper->toFloat()->softened(2.0)->toBytes()->blended($light, $merged)->kept();
            $detail = $isSharper->choose($own, $detail)->kept();
        }

        return $this->encoding->encoded($merged)->jpeg($quality);
    }

    /**
     * How much of the picture each frame is the sharpest in, in %.
     *
     * @param  non-empty-list<string>  $paths
     * @return list<float>
     */
    public function shares(array $paths): array
    {
        return Shares::of($this->cells($paths)[0]);
    }

    /**
     * Which frame gives which part, in greys: the first darkest, the last white.
     *
     * @param  non-empty-list<string>  $paths
     */
    public function parts(array $paths, int $quality): string
    {
        return Shares::drawn($this->vips, ...$this->cells($paths), quality: $quality);
    }

    /**
     * @param  non-empty-list<string>  $paths
     * @return array{non-empty-list<list<float>>, int} detail of each frame, place by place, and how many lie in a row
     */
    private function cells(array $paths): array
    {
        $small = array_map(fn (array $one): Light => $one[1]->shrunk(16)->kept(), $this->frames($paths));

        return [array_map(fn (Light $one): array => $one->floats(), $small), $small[0]->width];
    }

    /**
     * @param  non-empty-list<string>  $paths
     * @return non-empty-list<array{Light, Light}> linear light, and how much fine detail there is round each place
     */
    private function frames(array $paths): array
    {
        [$size, $frames] = [null, []];
        foreach ($paths as $path) {
            $bytes = $this->encoding->open($path, self::SIDE);
            $size ??= [$bytes->width, $bytes->height];
            $bytes = [$bytes->width, $bytes->height] === $size ? $bytes : $bytes->resized(...$size)->kept();
            $grey = $bytes->toFloat()->weighed(Srgb::WEIGHTS)->kept();

            $frames[] = [
                $this->encoding->linear($bytes)->kept(),
                $grey->minus($grey->softened(self::FINE))->power(2)->softened(self::AROUND)->kept(),
            ];
        }

        return $frames;
    }
}
