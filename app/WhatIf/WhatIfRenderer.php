<?php

declare(strict_types=1);

namespace App\WhatIf;

use App\Imaging\Vips\Encoding;
use App\Imaging\Vips\Light;
use App\Imaging\Vips\Vips;
use TruePupil\Core\Tone\Srgb;
use TruePupil\Core\WhatIf\Recipe;
use TruePupil\Core\WhatIf\Step;
use TruePupil\Core\WhatIf\StepKind;

/**
 * Follows a recipe on a copy of a picture. Light is reckoned in linear light, colour in lightness, chroma and hue; the
 * picture itself stays as it is.
 */
final class WhatIfRenderer
{
    /** Longest side of what is shown, pixels. */
    public const SIDE = 1200;

    private const QUALITY = 86;

    /** Steps of a tone table. */
    private const TONES = 4096;

    /** Cells across in which regions and edges are drawn: soft, so that few are enough. */
    private const CELLS = 96;

    private const SEED = 7;

    public function __construct(private readonly Vips $vips)
    {
    }

    /**
     * @param  string  $path  an upright sRGB copy
     * @param  ?RawHighlights  $held  what the raw file holds beyond it, where the recipe makes it darker
     */
    public function jpeg(string $path, Recipe $recipe, ?RawHighlights $held = null): string
    {
        $encoding = new Encoding($this->vips);
        $light = $encoding->linear($encoding->open($path, self::SIDE));
        $light = $held === null ? $light : $held->into($light, $this->vips);
        foreach ($recipe->steps as $step) {
            $light = $this->follow($light, $step);
        }

        return $encoding->encoded($light)->jpeg(self::QUALITY);
    }

    private function follow(Light $light, Step $step): Light
    {
        return match ($step->kind) {
            StepKind::Exposure => $light->linear(2 ** $step->number('stops')),
            StepKind::Shadows, StepKind::Highlights => $this->toned($light, $step->number('stops')),
            StepKind::Grey => $this->grey($light, $step),
            StepKind::Calm => $this->coloured(
                $light,
                fn (float $hue): array => [
                    1 - $step->number('amount') * Recipe::hueWeight($hue, $step->number('hue'), $step->number('width')),
                    0.0,
                ],
            ),
            StepKind::Shift => $this->coloured(
                $light,
                fn (float $hue): array => [
                    1.0,
                    $step->number('degrees') * Recipe::hueWeight($hue, $step->number('hue'), $step->number('width')),
                ],
            ),
            StepKind::Keep => $this->coloured(
                $light,
                fn (float $hue): array => [Recipe::hueWeight($hue, $step->number('hue'), $step->number('width')), 0.0],
            ),
            StepKind::Saturation => $this->coloured(
                $light,
                fn (float $hue): array => [1 + $step->number('amount'), 0.0],
            ),
            StepKind::Fade => $this->faded($light, $step),
            StepKind::Corners => $light->times(
                $this->gains(
                    $light,
                    fn (float $x, float $y): float => $step->number('stops') *
                        self::fromMiddle($x, $y, $light->width / $light->height) ** 2,
                ),
            ),
            StepKind::Remove => (new Reshaping($this->vips))->filled($light, ...self::box(
                $light,
                $step->number('x'),
                $step->number('y'),
                $step->number('width'),
                $step->number('height'),
            )),
            StepKind::Curve => (new Reshaping($this->vips))->curved($light, $step->number('amount')),
            StepKind::Perspective => (new Reshaping($this->vips))->perspective(
                $light,
                $step->number('top'),
                $step->number('left'),
            ),
            StepKind::Grain => $this->grained($light, $step->number('stops')),
            StepKind::Darken => $light->times(
                $this->gains(
                    $light,
                    fn (float $x, float $y): float => $step->number('stops') *
                        self::inside($x, $y, $step, $light->width / $light->height),
                ),
            ),
            StepKind::Graduated => $light->times(
                $this->gains(
                    $light,
                    fn (float $x, float $y): float => $step->number('stops') *
                        self::above($y, $step->number('from'), $step->number('to')),
                ),
            ),
            StepKind::Straighten => $this->turned($light, $step->number('degrees')),
            StepKind::Crop => $light->cut(
                ...self::box(
                    $light,
                    $step->number('x'),
                    $step->number('y'),
                    $step->number('width'),
                    $step->number('height'),
                ),
            ),
        };
    }

    /** Less colour in a region. */
    private function faded(Light $light, Step $step): Light
    {
        $light = $light->kept();
        $pale = $this->coloured($light, fn (float $hue): array => [1 - $step->number('amount'), 0.0]);
        $mask = $this->gains(
            $light,
            fn (float $x, float $y): float => log(
                max(1e-3, self::inside($x, $y, $step, $light->width / $light->height)),
                2,
            ),
        )->kept();

        return $pale->times($mask)->plus($light->times($mask->linear(-1.0, 1.0)))->kept();
    }

    /** Every pixel brighter or darker by chance, its standard deviation in stops; the same grain each time. */
    private function grained(Light $light, float $stops): Light
    {
        $grain = Light::deviates($this->vips, $light->width, $light->height, self::SEED)->linear($stops * log(2));

        // 2^x by its first terms: grain is small.
        return $light->times($grain->linear(1.0, 1.0)->plus($grain->times($grain)->linear(0.5)))->kept();
    }

    /** Distance from the middle, 1 at the corners. */
    private static function fromMiddle(float $x, float $y, float $aspect): float
    {
        return hypot(($x - 0.5) * $aspect, $y - 0.5) / hypot(0.5 * $aspect, 0.5);
    }

    /** Every pixel by the gain that its own luminance gets, so that its colour stays. */
    private function toned(Light $light, float $stops): Light
    {
        $gains = [];
        for ($level = 0; $level < self::TONES; $level++) {
            $gains[] = 2 ** Recipe::toneGain($stops, log(max(0.5, $level) / (self::TONES - 1) / Srgb::MID_GREY, 2));
        }
        $light = $light->kept();
        $levels = $light
            ->weighed(Srgb::WEIGHTS)
            ->linear(self::TONES - 1.0, 0.5)
            ->toWholeNumbers();

        return $light->times(
            $levels->lookedUp(Light::fromFloats($this->vips, pack('g*', ...$gains), self::TONES, 1, 1)),
        );
    }

    private function grey(Light $light, Step $step): Light
    {
        $weights = [$step->number('red'), $step->number('green'), $step->number('blue')];
        $sum = array_sum($weights);
        $grey = $light
            ->weighed(array_map(fn (float $weight): float => abs($sum) < 0.05 ? $weight : $weight / $sum, $weights))
            ->kept();

        return Light::join([$grey, $grey, $grey]);
    }

    /**
     * @param  callable(float): array{float, float}  $change
     *   factor of the chroma and degrees of turn for a hue in degrees
     */
    private function coloured(Light $light, callable $change): Light
    {
        $chroma = [];
        $turn = [];
        for ($hue = 0; $hue <= 360; $hue++) {
            [$chroma[], $turn[]] = $change((float) $hue);
        }
        $parts = $light->toChromaAndHue()->kept();
        $hue = $parts->band(2)->linear(1.0, 0.5)->toWholeNumbers()->kept();
        $table = fn (array $values): Light => $hue->lookedUp(
            Light::fromFloats($this->vips, pack('g*', ...$values), 361, 1, 1),
        );

        return Light::join([
            $parts->band(0),
            $parts->band(1)->times($table($chroma)),
            $parts->band(2)->plus($table($turn)),
        ])->fromChromaAndHue();
    }

    /** @param  callable(float, float): float  $stops  at a place given as fractions */
    private function gains(Light $light, callable $stops): Light
    {
        $rows = max(2, (int) round((self::CELLS * $light->height) / $light->width));
        $cells = [];
        for ($row = 0; $row < $rows; $row++) {
            for ($column = 0; $column < self::CELLS; $column++) {
                $cells[] = 2 ** $stops(($column + 0.5) / self::CELLS, ($row + 0.5) / $rows);
            }
        }

        return Light::fromFloats($this->vips, pack('g*', ...$cells), self::CELLS, $rows, 1)->resized(
            $light->width,
            $light->height,
        );
    }

    private function turned(Light $light, float $degrees): Light
    {
        $left = Recipe::leftAfterTurning($degrees, $light->width / $light->height);
        $turned = $light->rotated($degrees);
        [$width, $height] = [(int) floor($left * $light->width), (int) floor($left * $light->height)];

        return $turned->cut(intdiv($turned->width - $width, 2), intdiv($turned->height - $height, 2), $width, $height);
    }

    /** 1 inside the rectangle, falling smoothly to 0 at a feather's width (a share of the frame's width) outside it. */
    private static function inside(float $x, float $y, Step $step, float $aspect): float
    {
        $across = max($step->number('x') - $x, $x - $step->number('x') - $step->number('width'), 0.0);
        $down = max($step->number('y') - $y, $y - $step->number('y') - $step->number('height'), 0.0) / $aspect;
        $apart = hypot($across, $down) / max(0.005, $step->number('feather'));

        return $apart >= 1.0 ? 0.0 : 0.5 + 0.5 * cos(M_PI * $apart);
    }

    /** 1 above the first height, 0 below the second, smooth between; the other way round when the first lies lower. */
    private static function above(float $y, float $from, float $to): float
    {
        if (abs($to - $from) < 0.01) {
            return $y < $from ? 1.0 : 0.0;
        }
        $way = max(0.0, min(1.0, ($y - $from) / ($to - $from)));

        return 1 - $way * $way * (3 - 2 * $way);
    }

    /** @return array{int, int, int, int} */
    private static function box(Light $light, float $x, float $y, float $width, float $height): array
    {
        $left = min($light->width - 1, (int) round($x * $light->width));
        $top = min($light->height - 1, (int) round($y * $light->height));

        return [
            $left,
            $top,
            max(1, min($light->width - $left, (int) round($width * $light->width))),
            max(1, min($light->height - $top, (int) round($height * $light->height))),
        ];
    }
}
