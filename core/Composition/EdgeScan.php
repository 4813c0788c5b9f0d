<?php

declare(strict_types=1);

namespace TruePupil\Core\Composition;

use TruePupil\Core\Raster\ColourGrid;

/**
 * What pulls the eye out of the frame: runs within 3 % of the border that are far brighter than the picture, or of a
 * strong colour in a picture that hardly has any.
 */
final readonly class EdgeScan
{
    private const BORDER = 0.03;

    /** Codes above the mean of the picture that count as bright there. */
    private const BRIGHTER = 122.0;

    private const BRIGHT_FROM = 210.0;

    /** Saturation (HSV) and codes of value that count as a strong colour. */
    private const SATURATED = 0.72;

    private const COLOURED_FROM = 110;

    /** Share of the picture in strong colours from which they are what it is made of. */
    private const COLOURFUL = 0.04;

    /** Shorter runs, as shares of the side, are specks; longer ones are the sky or a wall. */
    private const SHORTEST = 0.02;

    private const LONGEST = 0.45;

    /**
     * @param  list<array{side: string, from: float, to: float, kind: string, strength: float}>  $runs
     *   fractions along the side; strength 0–1
     */
    private function __construct(public array $runs)
    {
    }

    public static function of(ColourGrid $grid): self
    {
        $mean = $grid->grey()->mean();
        $isColourful = self::colourful($grid) > self::COLOURFUL;
        $runs = [];
        foreach (['top', 'bottom', 'left', 'right'] as $side) {
            foreach (self::kinds($grid, $side, $mean) as $kind => $strengths) {
                if ($kind === 'bright' || ! $isColourful) {
                    array_push($runs, ...self::runs($side, $kind, $strengths));
                }
            }
        }
        usort(
            $runs,
            fn (array $a, array $b): int => $b['strength'] * ($b['to'] - $b['from']) <=>
                $a['strength'] * ($a['to'] - $a['from']),
        );

        return new self(array_slice($runs, 0, 8));
    }

    /** Share of the picture in strong colours, 0–1. */
    private static function colourful(ColourGrid $grid): float
    {
        $strong = 0;
        for ($i = 0, $end = strlen($grid->bytes); $i < $end; $i += 3) {
            [$r, $g, $b] = [ord($grid->bytes[$i]), ord($grid->bytes[$i + 1]), ord($grid->bytes[$i + 2])];
            $most = max($r, $g, $b);
            $strong += $most >= self::COLOURED_FROM && $most - min($r, $g, $b) >= self::SATURATED * $most ? 1 : 0;
        }

        return $strong / ($grid->columns * $grid->rows);
    }

    /** @return array{bright: list<float>, saturated: list<float>} strength along the side, 0 where there is none */
    private static function kinds(ColourGrid $grid, string $side, float $mean): array
    {
        $lying = $side === 'top' || $side === 'bottom';
        [$along, $across] = $lying ? [$grid->columns, $grid->rows] : [$grid->rows, $grid->columns];
        $deep = max(1, (int) round(self::BORDER * $across));
        $bright = $saturated = [];
        for ($a = 0; $a < $along; $a++) {
            [$r, $g, $b] = [0, 0, 0];
            for ($d = 0; $d < $deep; $d++) {
                $c = $side === 'top' || $side === 'left' ? $d : $across - 1 - $d;
                $i = 3 * ($lying ? $c * $grid->columns + $a : $a * $grid->columns + $c);
                $r += ord($grid->bytes[$i]);
                $g += ord($grid->bytes[$i + 1]);
                $b += ord($grid->bytes[$i + 2]);
            }
            [$r, $g, $b] = [$r / $deep, $g / $deep, $b / $deep];
            $grey = 0.2126 * $r + 0.7152 * $g + 0.0722 * $b;
            $most = max($r, $g, $b);
            $saturation = $most > 0 ? ($most - min($r, $g, $b)) / $most : 0.0;
            $bright[] = $grey >= max(self::BRIGHT_FROM, $mean + self::BRIGHTER) ? min(1.0, ($grey - $mean) / 160) : 0.0;
            $saturated[] = $saturation >= self::SATURATED && $most >= self::COLOURED_FROM ? $saturation : 0.0;
        }

        return ['bright' => $bright, 'saturated' => $saturated];
    }

    /**
     * @param  list<float>  $strengths
     * @return list<array{side: string, from: float, to: float, kind: string, strength: float}>
     */
    private static function runs(string $side, string $kind, array $strengths): array
    {
        $runs = [];
        $start = null;
        $count = count($strengths);
        for ($i = 0; $i <= $count; $i++) {
            if ($i < $count && $strengths[$i] > 0) {
                $start ??= $i;
            } elseif ($start !== null) {
                $share = ($i - $start) / $count;
                if ($share >= self::SHORTEST && $share <= self::LONGEST) {
                    $part = array_slice($strengths, $start, $i - $start);
                    $runs[] = [
                        'side' => $side,
                        'from' => round($start / $count, 3),
                        'to' => round($i / $count, 3),
                        'kind' => $kind,
                        'strength' => round(array_sum($part) / count($part), 3),
                    ];
                }
                $start = null;
            }
        }

        return $runs;
    }
}
