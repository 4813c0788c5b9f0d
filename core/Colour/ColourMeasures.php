<?php

declare(strict_types=1);

namespace TruePupil\Core\Colour;

use TruePupil\Core\Raster\ColourGrid;
use TruePupil\Core\Tone\GraduatedEdge;
use TruePupil\Core\Tone\Halo;
use TruePupil\Core\Tone\Srgb;

/**
 * What colour and finish of a picture show: a cast in what should be neutral, over-saturation, one hue that rules, dark
 * corners, halos.
 */
final readonly class ColourMeasures
{
    /** Saturation (HSV) up to which a mid-tone counts as meant to be neutral. */
    private const NEUTRAL = 0.3;

    /** The least saturated share of the mid-tones that the cast is taken from. */
    private const SHARE = 0.25;

    private const OVER = 0.92;

    /** Columns on which colours are counted. */
    private const COLOUR = 96;

    /** Columns on which halos are looked for: single pixels of sharpening are gone there. */
    private const FINISH = 192;

    /** Columns on which the edge of a graduated filter is looked for. */
    private const EDGE = 128;

    private const HUES = [
        'red',
        'orange',
        'yellow',
        'green-yellow',
        'green',
        'green-cyan',
        'cyan',
        'azure',
        'blue',
        'violet',
        'magenta',
        'rose',
    ];

    /**
     * @param  ?array{warm: float, green: float}  $cast
     *   stops by which red exceeds blue, and green the mean of both, in what should be neutral; null where nothing is
     * @param  float  $overSaturatedPct  % of the frame
     * @param  ?array{hue: string, sharePct: float}  $dominant
     *   the hue that holds most of the colour; null in a picture without colour
     * @param  float  $cornerStops  stops by which the corners are darker than the middle; negative is darker
     * @param  float  $saturation  mean, 0–1
     * @param  ?float  $halo
     *   overshoot along strong edges as a share of their step; null where too few lie on plain ground
     */
    private function __construct(
        public ?array $cast,
        public float $overSaturatedPct,
        public ?array $dominant,
        public float $cornerStops,
        public float $saturation,
        public ?float $halo,
        public ?GraduatedEdge $graduatedEdge = null,
    ) {
    }

    public static function of(ColourGrid $grid): self
    {
        $halo = Halo::strength($grid->reduced(self::FINISH)->grey());
        $edge = GraduatedEdge::in($grid->reduced(self::EDGE));
        $grid = $grid->reduced(self::COLOUR);
        $neutrals = [];
        $hues = array_fill(0, 12, 0.0);
        [$over, $saturations, $cells] = [0, 0.0, $grid->columns * $grid->rows];
        for ($i = 0, $end = 3 * $cells; $i < $end; $i += 3) {
            [$r, $g, $b] = [$grid->codes[$i], $grid->codes[$i + 1], $grid->codes[$i + 2]];
            [$most, $least] = [max($r, $g, $b), min($r, $g, $b)];
            $saturation = $most > 0 ? ($most - $least) / $most : 0.0;
            $saturations += $saturation * min(1.0, $most / 64);
            if ($saturation > self::OVER && $most > 80) {
                $over++;
            }
            if ($most - $least > 20) {
                $hues[self::hue($r, $g, $b)] += $most - $least;
            }
            if ($saturation <= self::NEUTRAL && $most > 50 && $most < 235) {
                $neutrals[] = [$saturation, $i];
            }
        }
        $colour = array_sum($hues);
        arsort($hues);
        $hue = array_key_first($hues);

        return new self(
            self::castOf($neutrals, $grid),
            round((100 * $over) / $cells, 2),
            $colour < 5.0 * $cells * 0.2
                ? null
                : ['hue' => self::HUES[$hue], 'sharePct' => round((100 * $hues[$hue]) / $colour, 1)],
            round(self::corners($grid), 3),
            round($saturations / $cells, 4),
            $halo,
            $edge,
        );
    }

    /**
     * @return array{
     *     cast: ?array{warm: float, green: float},
     *     overSaturatedPct: float,
     *     dominant: ?array{hue: string, sharePct: float},
     *     cornerStops: float,
     *     saturation: float,
     *     halo?: ?float,
     *     graduatedEdge: ?array{at: float, stops: float, confidence: float},
     * }
     */
    public function toArray(): array
    {
        return [
            'cast' => $this->cast,
            'overSaturatedPct' => $this->overSaturatedPct,
            'dominant' => $this->dominant,
            'cornerStops' => $this->cornerStops,
            'saturation' => $this->saturation,
            'halo' => $this->halo,
            'graduatedEdge' => $this->graduatedEdge?->toArray(),
        ];
    }

    /** @param  array<mixed>  $stored  as toArray() gave it */
    public static function restore(array $stored): self
    {
        /**
         * @var array{
         *     cast: ?array{warm: float, green: float},
         *     overSaturatedPct: float,
         *     dominant: ?array{hue: string, sharePct: float},
         *     cornerStops: float,
         *     saturation: float,
         *     halo?: ?float,
         *     graduatedEdge?: ?array{at: float, stops: float, confidence: float},
         * } $stored
         */
        return new self(
            $stored['cast'],
            (float) $stored['overSaturatedPct'],
            $stored['dominant'],
            (float) $stored['cornerStops'],
            (float) $stored['saturation'],
            $stored['halo'] ?? null,
            isset($stored['graduatedEdge']) ? GraduatedEdge::restore($stored['graduatedEdge']) : null,
        );
    }

    /**
     * @param  list<array{float, int}>  $neutrals  saturation and place
     * @return ?array{warm: float, green: float}
     */
    private static function castOf(array $neutrals, ColourGrid $grid): ?array
    {
        if (count($neutrals) < 0.02 * $grid->columns * $grid->rows) {
            return null;
        }
        usort($neutrals, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $linear = Srgb::linearByCode();
        [$r, $g, $b] = [0.0, 0.0, 0.0];
        foreach (array_slice($neutrals, 0, max(1, (int) (self::SHARE * count($neutrals)))) as [, $i]) {
            $r += $linear[$grid->codes[$i]];
            $g += $linear[$grid->codes[$i + 1]];
            $b += $linear[$grid->codes[$i + 2]];
        }

        return ['warm' => round(log($r / $b, 2), 3), 'green' => round(log($g / sqrt($r * $b), 2), 3)];
    }

    /** Which twelfth of the colour circle. */
    private static function hue(int $r, int $g, int $b): int
    {
        [$most, $least] = [max($r, $g, $b), min($r, $g, $b)];
        $sixths = match ($most) {
            $r => fmod(($g - $b) / ($most - $least) + 6, 6),
            $g => ($b - $r) / ($most - $least) + 2,
            default => ($r - $g) / ($most - $least) + 4,
        };

        return (int) round($sixths * 2) % 12;
    }

    /** Mean of the four corners against the middle, each a ninth of the width across. */
    private static function corners(ColourGrid $grid): float
    {
        $linear = Srgb::linearByCode();
        [$w, $h] = [$grid->columns, $grid->rows];
        $mean = function (float $x, float $y) use ($grid, $linear, $w, $h): float {
            [$sum, $n] = [0.0, 0];
            for ($v = (int) ($y * $h); $v < min($h, (int) ceil(($y + 1 / 9) * $h)); $v++) {
                for ($u = (int) ($x * $w); $u < min($w, (int) ceil(($x + 1 / 9) * $w)); $u++) {
                    $i = 3 * ($v * $w + $u);
                    $sum +=
                        0.2126 * $linear[$grid->codes[$i]] +
                        0.7152 * $linear[$grid->codes[$i + 1]] +
                        0.0722 * $linear[$grid->codes[$i + 2]];
                    $n++;
                }
            }

            return max(1e-4, $sum / max(1, $n));
        };
        // The brightest corner decides: a vignette darkens all four, a scene hardly ever does.
        $corners = max($mean(0, 0), $mean(8 / 9, 0), $mean(0, 8 / 9), $mean(8 / 9, 8 / 9));

        return log($corners / max($mean(4 / 9, 4 / 9), $mean(3 / 9, 4 / 9), $mean(5 / 9, 4 / 9)), 2);
    }
}
