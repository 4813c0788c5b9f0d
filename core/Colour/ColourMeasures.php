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

    /** The same where nothing is less coloured: a cast of more than a stop leaves nothing near grey. */
    private const TINTED = 0.5;

    /** Standard deviation of a strong cast, stops: light tints all things alike, and things differ. */
    private const ALL_ALIKE = 0.25;

    /** The least saturated share of the mid-tones that the cast is taken from. */
    private const SHARE = 0.25;

    /** Of the cast, the share that the darker and the brighter half must both have to show the same light. */
    private const THROUGHOUT = 0.5;

    private const OVER = 0.92;

    /** Side of a corner, as a share of the frame's. */
    private const CORNER = 0.1;

    /** Stops of standard deviation up to which a corner is plain, falling off as it may. */
    private const PLAIN = 0.5;

    /** Stops by which the corners may differ and still have one cause. */
    private const ALIKE = 0.35;

    /** Columns on which colours are counted. */
    private const COLOUR = 96;

    /** Columns on which halos are looked for: single pixels of sharpening are gone there. */
    private const FINISH = 192;

    /** Columns on which the edge of a graduated filter is looked for: a hard one takes no more than two rows there. */
    private const EDGE = 384;

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
     * @param  float  $cornerStops
     *   stops by which both upper corners are darker than the plain ground between them, as a negative number; else 0
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
        $tinted = [];
        $hues = array_fill(0, 12, 0.0);
        [$over, $saturations, $cells] = [0, 0.0, $grid->columns * $grid->rows];
        for ($i = 0, $end = 3 * $cells; $i < $end; $i += 3) {
            [$r, $g, $b] = [ord($grid->bytes[$i]), ord($grid->bytes[$i + 1]), ord($grid->bytes[$i + 2])];
            [$most, $least] = [max($r, $g, $b), min($r, $g, $b)];
            $saturation = $most > 0 ? ($most - $least) / $most : 0.0;
            $saturations += $saturation * min(1.0, $most / 64);
            if ($saturation > self::OVER && $most > 80) {
                $over++;
            }
            if ($most - $least > 20) {
                $hues[self::hue($r, $g, $b)] += $most - $least;
            }
            if ($saturation <= self::TINTED && $most > 50 && $most < 235) {
                $tinted[] = [$saturation, $i];
            }
        }
        $colour = array_sum($hues);
        arsort($hues);
        $hue = array_key_first($hues);

        return new self(
            self::castOf($tinted, $grid),
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
     * @param  list<array{float, int}>  $tinted  saturation and place
     * @return ?array{warm: float, green: float}
     */
    private static function castOf(array $tinted, ColourGrid $grid): ?array
    {
        $least = max(2, 0.02 * $grid->columns * $grid->rows);
        $neutrals = array_values(array_filter($tinted, fn (array $cell): bool => $cell[0] <= self::NEUTRAL));
        if (count($neutrals) < $least) {
            // Half of the picture, and all of it alike: then it is the light.
            if (count($tinted) < 25 * $least || self::spread($tinted, $grid) > self::ALL_ALIKE) {
                return null;
            }
            $neutrals = $tinted;
        }
        $cast = self::meanCast($neutrals, $grid);
        // Light tints dark and bright alike; the blue of a sky or the brown of earth is only in one of them.
        $neutrals = self::sorted(
            $neutrals,
            array_map(fn (array $cell): int => ord($grid->bytes[$cell[1] + 1]), $neutrals),
        );
        $half = intdiv(count($neutrals), 2);
        [$dark, $bright] = [
            self::meanCast(array_slice($neutrals, 0, $half), $grid),
            self::meanCast(array_slice($neutrals, $half), $grid),
        ];
        $throughout = fn (string $way): float => min($dark[$way] / $cast[$way], $bright[$way] / $cast[$way]) >=
            self::THROUGHOUT
            ? $cast[$way]
            : 0.0;

        return [
            'warm' => round($cast['warm'] === 0.0 ? 0.0 : $throughout('warm'), 3),
            'green' => round($cast['green'] === 0.0 ? 0.0 : $throughout('green'), 3),
        ];
    }

    /**
     * Standard deviation of red over blue, in stops.
     *
     * @param  list<array{float, int}>  $cells
     */
    private static function spread(array $cells, ColourGrid $grid): float
    {
        $linear = Srgb::linearByCode();
        $warm = array_map(
            fn (array $cell): float => log(
                max(1e-4, $linear[ord($grid->bytes[$cell[1]])]) /
                    max(1e-4, $linear[ord($grid->bytes[$cell[1] + 2])]),
                2,
            ),
            $cells,
        );
        $mean = array_sum($warm) / count($warm);

        return sqrt(array_sum(array_map(fn (float $one): float => ($one - $mean) ** 2, $warm)) / count($warm));
    }

    /**
     * @param  list<array{float, int}>  $neutrals  saturation and place; at least one
     * @return array{warm: float, green: float} of their least saturated part
     */
    private static function meanCast(array $neutrals, ColourGrid $grid): array
    {
        $neutrals = self::sorted($neutrals, array_column($neutrals, 0));
        $linear = Srgb::linearByCode();
        [$r, $g, $b] = [0.0, 0.0, 0.0];
        foreach (array_slice($neutrals, 0, max(1, (int) (self::SHARE * count($neutrals)))) as [, $i]) {
            $r += $linear[ord($grid->bytes[$i])];
            $g += $linear[ord($grid->bytes[$i + 1])];
            $b += $linear[ord($grid->bytes[$i + 2])];
        }

        return ['warm' => log($r / $b, 2), 'green' => log($g / sqrt($r * $b), 2)];
    }

    /**
     * By a number for each, the least first; equal ones stay as they are.
     *
     * @param  list<array{float, int}>  $cells
     * @param  list<int|float>  $by
     * @return list<array{float, int}>
     */
    private static function sorted(array $cells, array $by): array
    {
        $places = array_keys($cells);
        array_multisort($by, SORT_NUMERIC, $places, SORT_NUMERIC, $cells);

        return $cells;
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

    /**
     * The brighter of the upper corners against the middle of the upper edge, in stops. Only plain ground that darkens
     * alike on both sides tells; the lower corners are ground, and differ anyhow. 0 where there is none.
     */
    private static function corners(ColourGrid $grid): float
    {
        $linear = Srgb::linearByCode();
        $box = function (float $from) use ($grid, $linear): array {
            $stops = [];
            $last = max(1, (int) ceil(self::CORNER * $grid->rows));
            [$left, $width] = [(int) ($from * $grid->columns), max(1, (int) ceil(self::CORNER * $grid->columns))];
            for ($y = 0; $y < $last; $y++) {
                for ($x = $left; $x < min($grid->columns, $left + $width); $x++) {
                    $i = 3 * ($y * $grid->columns + $x);
                    $stops[] = log(
                        max(
                            1e-4,
                            0.2126 * $linear[ord($grid->bytes[$i])] +
                                0.7152 * $linear[ord($grid->bytes[$i + 1])] +
                                0.0722 * $linear[ord($grid->bytes[$i + 2])],
                        ),
                        2,
                    );
                }
            }
            $mean = array_sum($stops) / count($stops);

            $squares = array_map(fn (float $stop): float => ($stop - $mean) ** 2, $stops);

            return [$mean, sqrt(array_sum($squares) / count($stops))];
        };
        [[$left, $roughLeft], [$middle, $rough], [$right, $roughRight]] = [$box(0.0), $box(0.45), $box(0.9)];
        $isPlain = max($roughLeft, $rough, $roughRight) <= self::PLAIN;

        return $isPlain && abs($left - $right) <= self::ALIKE ? min(0.0, max($left, $right) - $middle) : 0.0;
    }
}
