<?php

declare(strict_types=1);

namespace App\Practice;

use TruePupil\Core\PracticeCamera\SeededRandom;

/**
 * What lies on the turning clay, laid out flat: a turn across, the wheel head's radius in the lower half and the bowl's
 * height in the upper. Factors on the grey that the plate was rendered with.
 */
final class SlipTexture
{
    public const WIDTH = 2048;

    public const HEIGHT = 128;

    /** The plate's clay is this grey. */
    private const PLATE = 0.42;

    private const CLAY = [0.4, 0.285, 0.215];

    private const SLIP = [0.74, 0.7, 0.62];

    private const IRON = [0.1, 0.075, 0.06];

    /** 32-bit floats in three bands. */
    public static function packed(): string
    {
        $packed = '';
        for ($row = 0; $row < self::HEIGHT; $row++) {
            $v = $row / self::HEIGHT;
            $values = [];
            for ($column = 0; $column < self::WIDTH; $column++) {
                [$slip, $iron] = self::cover($column / self::WIDTH, $v);
                $grain = 0.94 + 0.12 * SeededRandom::of('grain '.($column >> 2).' '.$row);
                foreach (self::CLAY as $band => $clay) {
                    $values[] =
                        ($grain * $clay * (1 - $slip) * (1 - $iron) +
                            self::SLIP[$band] * $slip * (1 - $iron) +
                            self::IRON[$band] * $iron) /
                        self::PLATE;
                }
            }
            $packed .= pack('g*', ...$values);
        }

        return $packed;
    }

    /**
     * How much pale slip and dark iron lie at a place.
     *
     * @return array{float, float}
     */
    private static function cover(float $u, float $v): array
    {
        if ($v < 0.5) {
            // On the wheel head: splashes, and a mark to see the turning by.
            $splash = 0.0;
            for ($drop = 0; $drop < 9; $drop++) {
                [$at, $height, $size] = [
                    SeededRandom::of('splash '.$drop),
                    0.24 + 0.22 * SeededRandom::of('splash height '.$drop),
                    0.008 + 0.014 * SeededRandom::of('splash size '.$drop),
                ];
                $aside = abs($u - $at);
                $splash = max($splash, self::soft($size - hypot(min($aside, 1 - $aside), ($v - $height) / 1.6), 0.003));
            }

            return [$splash, self::soft(0.006 - abs($u - 0.58), 0.002) * self::soft($v - 0.4, 0.01)];
        }
        $height = ($v - 0.5) * 2;
        // Ten strokes of slip that lean as the bowl rises, and an iron line under the rim.
        $lean = fmod($u * 10 + $height * 1.8, 1.0);
        $stroke =
            self::soft(0.2 - abs($lean - 0.5), 0.03) *
            self::soft($height - 0.22, 0.03) *
            self::soft(0.8 - $height, 0.03);
        $dots = self::soft(0.1 - hypot(fmod($u * 20, 1.0) - 0.5, ($height - 0.885) * 9), 0.03);

        return [$stroke, max($dots, self::soft(0.012 - abs($height - 0.945), 0.008))];
    }

    private static function soft(float $inside, float $edge): float
    {
        return max(0.0, min(1.0, $inside / $edge + 0.5));
    }
}
