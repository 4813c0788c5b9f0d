<?php

declare(strict_types=1);

namespace TruePupil\Core\Composition;

/**
 * The best crops of the usual shapes: those that keep what draws the eye, with subject and eye whole and marked
 * distractions left out, in the largest frame.
 *
 * @phpstan-type Crop array{
 *     ratio: string,
 *     x: float,
 *     y: float,
 *     width: float,
 *     height: float,
 *     keptPct: float,
 *     attentionPct: float,
 *     distractionsPct: float,
 * }
 */
final class Crops
{
    /** Width over height. */
    private const RATIOS = [
        '1:1' => 1.0,
        '4:5' => 0.8,
        '5:4' => 1.25,
        '3:2' => 1.5,
        '2:3' => 2 / 3,
        '16:9' => 16 / 9,
        '2:1' => 2.0,
        '12:5' => 2.4,
    ];

    /** Steps of the search along the free side. */
    private const STEPS = 24;

    /** Where distractions are marked, smaller crops are tried too: sides as shares of the largest of that shape. */
    private const SIZES = [1.0, 0.92, 0.84, 0.76];

    /** What a distraction left in costs, in shares of all attention: more than any placing gains. */
    private const DISTRACTION = 2.0;

    /** What each part of the frame that is cut away costs beside it. */
    private const AREA = 0.5;

    /**
     * @param  float  $aspect  of the picture
     * @return list<Crop> fractions of the frame, the one that keeps most attention a share of area first
     */
    public static function best(Attention $attention, float $aspect, Marks $marks = new Marks()): array
    {
        $distracted = $marks->ofKind(MarkKind::Distraction) !== [];
        $crops = [];
        foreach (self::RATIOS as $name => $ratio) {
            [$width, $height] = $ratio > $aspect ? [1.0, $aspect / $ratio] : [$ratio / $aspect, 1.0];
            // The picture's own shape is no crop, unless it can lose something by it.
            if ($width > 0.985 && $height > 0.985 && ! $distracted) {
                continue;
            }
            $best = null;
            foreach ($distracted ? self::SIZES : [1.0] as $size) {
                foreach (self::places($size * $width, $size * $height) as $crop) {
                    if (! $marks->isKeptBy($crop)) {
                        continue;
                    }
                    $shown = $marks->distractionsIn($crop);
                    $worth = $attention->shareIn($crop) - self::DISTRACTION * $shown - self::AREA * (1 - $size ** 2);
                    $best =
                        $best === null || $worth > $best['worth']
                            ? ['worth' => $worth, 'crop' => $crop, 'shown' => $shown]
                            : $best;
                }
            }
            if ($best !== null) {
                $crops[] = self::describe($name, $best['crop'], $attention, $best['shown']);
            }
        }
        usort(
            $crops,
            fn (array $a, array $b): int => [$a['distractionsPct'], $b['attentionPct'] / $b['keptPct']] <=> [
                $b['distractionsPct'],
                $a['attentionPct'] / $a['keptPct'],
            ],
        );

        return array_values(array_filter($crops, fn (array $crop): bool => $crop['keptPct'] < 97));
    }

    /** @return iterable<Region> where a crop of this size can lie */
    private static function places(float $width, float $height): iterable
    {
        $across = $width > 0.985 ? [0.0] : range(0, self::STEPS);
        $down = $height > 0.985 ? [0.0] : range(0, self::STEPS);
        // Cut on both sides there are many; half the steps each way are enough.
        $by = count($across) > 1 && count($down) > 1 ? 2 : 1;
        foreach ($across as $i => $x) {
            foreach ($down as $j => $y) {
                if ($i % $by === 0 && $j % $by === 0) {
                    yield Region::of(
                        ((1 - $width) * $x) / self::STEPS,
                        ((1 - $height) * $y) / self::STEPS,
                        $width,
                        $height,
                    );
                }
            }
        }
    }

    /** @return Crop */
    private static function describe(string $ratio, Region $crop, Attention $attention, float $shown): array
    {
        return [
            'ratio' => $ratio,
            'x' => round($crop->x, 4),
            'y' => round($crop->y, 4),
            'width' => round($crop->width, 4),
            'height' => round($crop->height, 4),
            'keptPct' => round($crop->sharePct(), 1),
            'attentionPct' => round(100 * $attention->shareIn($crop), 1),
            'distractionsPct' => round(100 * $shown, 1),
        ];
    }
}
