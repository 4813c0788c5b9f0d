<?php

declare(strict_types=1);

namespace TruePupil\Core\Composition;

/** The best crops of the usual shapes: those that keep what draws the eye, and the subject whole, in the largest frame. */
final class Crops
{
    /** Width over height. */
    private const RATIOS = ['1:1' => 1.0, '4:5' => 0.8, '5:4' => 1.25, '3:2' => 1.5, '2:3' => 2 / 3, '16:9' => 16 / 9, '2:1' => 2.0, '12:5' => 2.4];

    /** Steps of the search along the free side. */
    private const STEPS = 24;

    /**
     * @param  float  $aspect  of the picture
     * @return list<array{ratio: string, x: float, y: float, width: float, height: float, keptPct: float, attentionPct: float}> fractions of the frame, the one that keeps most attention a share of area first
     */
    public static function best(Attention $attention, float $aspect, ?Region $subject = null): array
    {
        $crops = [];
        foreach (self::RATIOS as $name => $ratio) {
            [$width, $height] = $ratio > $aspect ? [1.0, $aspect / $ratio] : [$ratio / $aspect, 1.0];
            // The picture's own shape is no crop.
            if ($width > 0.985 && $height > 0.985) {
                continue;
            }
            $best = null;
            for ($step = 0; $step <= self::STEPS; $step++) {
                [$x, $y] = [(1 - $width) * $step / self::STEPS, (1 - $height) * $step / self::STEPS];
                $keeps = $subject === null || $subject->x >= $x - 1e-9 && $subject->y >= $y - 1e-9 && $subject->x + $subject->width <= $x + $width + 1e-9 && $subject->y + $subject->height <= $y + $height + 1e-9;
                $held = $keeps ? $attention->shareIn(Region::of($x, $y, $width, $height)) : -1.0;
                if ($keeps && ($best === null || $held > $best['held'])) {
                    $best = ['held' => $held, 'x' => $x, 'y' => $y];
                }
            }
            if ($best !== null) {
                $crops[] = [
                    'ratio' => $name, 'x' => round($best['x'], 4), 'y' => round($best['y'], 4), 'width' => round($width, 4), 'height' => round($height, 4),
                    'keptPct' => round(100 * $width * $height, 1), 'attentionPct' => round(100 * $best['held'], 1),
                ];
            }
        }
        usort($crops, fn (array $a, array $b): int => $b['attentionPct'] / $b['keptPct'] <=> $a['attentionPct'] / $a['keptPct']);

        return $crops;
    }
}
