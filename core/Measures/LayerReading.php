<?php

declare(strict_types=1);

namespace TruePupil\Core\Measures;

use TruePupil\Core\Composition\Attention;
use TruePupil\Core\Composition\Mark;
use TruePupil\Core\Composition\MarkKind;
use TruePupil\Core\Composition\MarkMeasures;
use TruePupil\Core\Composition\Marks;
use TruePupil\Core\Metering\LuminanceGrid;
use TruePupil\Core\Tone\Srgb;

/**
 * What each marked layer of depth takes: of the frame, of the tones, of what draws the eye.
 *
 * @phpstan-import-type MarkedLayer from MarkMeasures
 */
final class LayerReading
{
    /** Darker than this is told as this: below it a file holds nothing to tell apart. */
    private const BLACK = 1e-4;

    /** @return list<MarkedLayer> from the front to the back */
    public static function of(Marks $marks, LuminanceGrid $luminance, Attention $attention): array
    {
        $layers = [];
        foreach ([MarkKind::Near, MarkKind::Middle, MarkKind::Far] as $kind) {
            foreach ($marks->ofKind($kind) as $mark) {
                $layers[] = [
                    'kind' => $kind->value,
                    'sharePct' => round($mark->sharePct(), 2),
                    'meanStops' => round(
                        log(max(self::BLACK, self::mean($mark, $luminance)) / Srgb::MID_GREY, 2),
                        2,
                    ),
                    'attentionPct' => round(100 * $attention->shareOf($mark), 2),
                ];
            }
        }

        return $layers;
    }

    /** Mean linear luminance of the cells whose middle lies in an area; of the nearest cell where it holds none. */
    private static function mean(Mark $mark, LuminanceGrid $grid): float
    {
        $held = [];
        foreach ($grid->cells as $i => $luminance) {
            $x = ($i % $grid->columns + 0.5) / $grid->columns;
            if ($mark->holds($x, (intdiv($i, $grid->columns) + 0.5) / $grid->rows)) {
                $held[] = $luminance;
            }
        }
        if ($held === []) {
            ['x' => $x, 'y' => $y] = $mark->bounds()->centre();
            $column = min($grid->columns - 1, (int) ($x * $grid->columns));
            $held = [$grid->cells[min($grid->rows - 1, (int) ($y * $grid->rows)) * $grid->columns + $column]];
        }

        return array_sum($held) / count($held);
    }
}
