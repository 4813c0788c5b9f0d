<?php

declare(strict_types=1);

namespace App\Merging;

use App\Imaging\Vips\Encoding;
use App\Imaging\Vips\Light;
use App\Imaging\Vips\Vips;
use TruePupil\Core\Series\MergeLook;
use TruePupil\Core\Tone\Srgb;

/**
 * A bracket as one linear light: every pixel the mean of what the frames say of it, each by how much light it had, and
 * none where it is near its upper end (after Robertson, Borman and Stevenson 2003). Frames are taken as they lie: what
 * moved between them shows twice.
 */
final readonly class BracketMerge
{
    /** Longest side of what is shown, pixels. */
    public const SIDE = 1200;

    /** Codes between which a pixel ceases to count: above, cameras round their tones off, and then lose them. */
    private const FULL = 200;

    private const NONE = 228;

    /** Share of the weight that is left to the darkest frame where all are lost. */
    private const REST = 1e-4;

    /** A hundredth of the picture on either side is not counted among its ends. */
    private const END = 0.01;

    /** Cells across in which the ends are looked for. */
    private const CELLS = 200;

    /** Of the table of a look: stops below mid-grey, its steps a stop, and how many stops it holds. */
    private const LOWEST = -16.0;

    private const STEPS = 64;

    private const STOPS = 28;

    private Encoding $encoding;

    public function __construct(private Vips $vips)
    {
        $this->encoding = new Encoding($vips);
    }

    /**
     * @param  non-empty-list<string>  $paths  upright sRGB copies of one size
     * @param  non-empty-list<float>  $exposures  brightness of each, in stops
     * @return Light linear, as the frame of the middle exposure has it; white of that frame is 1
     */
    public function light(array $paths, array $exposures): Light
    {
        $frames = $this->weighed($paths, $exposures);
        [$light, $weights] = $frames[0];
        $sum = $light->times($weights);
        foreach (array_slice($frames, 1) as [$light, $weight]) {
            $sum = $sum->plus($light->times($weight));
            $weights = $weights->plus($weight);
        }

        return $sum->over($weights)->kept();
    }

    /**
     * How much of the picture comes from each frame, in %.
     *
     * @param  non-empty-list<string>  $paths
     * @param  non-empty-list<float>  $exposures
     * @return list<float>
     */
    public function shares(array $paths, array $exposures): array
    {
        return Shares::of($this->cells($paths, $exposures)[0]);
    }

    /**
     * Which frame gives which part, in greys: the first darkest, the last white.
     *
     * @param  non-empty-list<string>  $paths
     * @param  non-empty-list<float>  $exposures
     */
    public function parts(array $paths, array $exposures, int $quality): string
    {
        return Shares::drawn($this->vips, ...$this->cells($paths, $exposures), quality: $quality);
    }

    /**
     * @param  non-empty-list<string>  $paths
     * @param  non-empty-list<float>  $exposures
     * @return array{non-empty-list<list<float>>, int} weights of each frame, place by place, and how many lie in a row
     */
    private function cells(array $paths, array $exposures): array
    {
        $small = array_map(
            fn (array $one): Light => $one[1]->shrunk(8)->kept(),
            $this->weighed($paths, $exposures),
        );

        return [array_map(fn (Light $one): array => $one->floats(), $small), $small[0]->width];
    }

    /**
     * @param  non-empty-list<string>  $paths
     * @param  non-empty-list<float>  $exposures
     */
    public function jpeg(array $paths, array $exposures, MergeLook $look, int $quality): string
    {
        $light = $this->light($paths, $exposures);
        $stops = $light->weighed(Srgb::WEIGHTS)->linear(1.0, 1e-6)->naturalLogarithm()->linear(
            1 / log(2),
            -log(Srgb::MID_GREY, 2),
        )->kept();
        [$darkest, $brightest] = $this->ends($stops);
        $gains = [];
        for ($step = 0; $step < self::STOPS * self::STEPS; $step++) {
            $tone = self::LOWEST + $step / self::STEPS;
            $gains[] = 2 ** ($look->curve($tone, $darkest, $brightest) - $tone);
        }
        $levels = $stops->linear((float) self::STEPS, -self::LOWEST * self::STEPS)->toWholeNumbers();

        return $this->encoding->encoded($light->times($levels->lookedUp(
            Light::fromFloats($this->vips, pack('g*', ...$gains), count($gains), 1, 1),
        )))->jpeg($quality);
    }

    /**
     * Each frame's light as the middle one would have it, with its weight in one band.
     *
     * @param  non-empty-list<string>  $paths
     * @param  non-empty-list<float>  $exposures
     * @return non-empty-list<array{Light, Light}>
     */
    private function weighed(array $paths, array $exposures): array
    {
        $frames = [];
        $sorted = $exposures;
        sort($sorted);
        $middle = $sorted[intdiv(count($sorted), 2)];
        $darkest = array_search($sorted[0], $exposures, true);
        $size = null;
        foreach ($paths as $index => $path) {
            $bytes = $this->encoding->open($path, self::SIDE);
            $size ??= [$bytes->width, $bytes->height];
            $bytes = [$bytes->width, $bytes->height] === $size ? $bytes : $bytes->resized(...$size)->kept();
            $gain = 2 ** ($exposures[$index] - $middle);
            $ends = $bytes->lookedUp(Light::fromFloats($this->vips, self::table(), 256, 1, 1))->kept();
            // A pixel counts as far as all its channels do.
            $weight = $ends->band(0)->times($ends->band(1))->times($ends->band(2))->linear($gain);
            $weight = $index === $darkest ? $weight->linear(1.0, self::REST * $gain) : $weight->linear(1.0, 1e-9);
            $frames[] = [$this->encoding->linear($bytes)->linear(1 / $gain), $weight->kept()];
        }

        return $frames;
    }

    /** @return array{float, float} where the scene's detail begins and ends, in stops */
    private function ends(Light $stops): array
    {
        $cells = $stops->resized(self::CELLS, max(1, (int) round(self::CELLS * $stops->height / $stops->width)))
            ->floats();
        sort($cells);
        $at = fn (float $share): float => $cells[(int) round($share * (count($cells) - 1))];

        return [min(-0.1, $at(self::END)), max(0.1, $at(1 - self::END))];
    }

    private static function table(): string
    {
        return pack('g*', ...array_map(
            fn (int $code): float => max(0.0, min(1.0, (self::NONE - $code) / (self::NONE - self::FULL))),
            range(0, 255),
        ));
    }
}
