<?php

declare(strict_types=1);

namespace TruePupil\Core\PracticeCamera;

/**
 * The practice camera's sensor as its raw files show it: a mosaic of red, green, green and blue under filters that let
 * more green through than red or blue, as those of most cameras do in daylight, read in fourteen bits. What the camera
 * renders as white fills half of it: ISO is stated for the rendering (ISO 12232, recommended exposure index), and
 * cameras differ in how much they keep above.
 */
final class RawSensor
{
    /** What each channel makes of a daylight grey, of what green makes of it. */
    public const SENSITIVITY = [0.5, 1.0, 0.65];

    /** Linear light in green at which it is full, where 1 is a plain rendering's white: a stop more. */
    public const FULL = 2.0;

    public const BLACK = 512;

    public const WHITE = 16383;

    /**
     * From CIE XYZ in daylight (D55) to the channels: the plates' colours are linear sRGB (IEC 61966-2-1), adapted from
     * D55 to its own white by Bradford's matrix, and weighed by the filters.
     */
    private const SRGB_FROM_XYZ = [
        [3.2404542, -1.5371385, -0.4985314],
        [-0.969266, 1.8760108, 0.041556],
        [0.0556434, -0.2040259, 1.0572252],
    ];

    private const BRADFORD = [[0.8951, 0.2664, -0.1614], [-0.7502, 1.7135, 0.0367], [0.0389, -0.0685, 1.0296]];

    private const BRADFORD_BACK = [
        [0.9869929, -0.1470543, 0.1599627],
        [0.4323053, 0.5183603, 0.0492912],
        [-0.0085287, 0.0400428, 0.9684867],
    ];

    /** Chromaticities x and y of the two whites. */
    private const D55 = [0.33242, 0.34743];

    private const D65 = [0.31271, 0.32902];

    /** @return array{float, float, float} values per unit of linear light, by channel */
    public static function scale(): array
    {
        [$red, $green, $blue] = self::SENSITIVITY;
        $unit = (self::WHITE - self::BLACK) / self::FULL;

        return [$unit * $red, $unit * $green, $unit * $blue];
    }

    /** @return list<float> nine, by rows */
    public static function matrix(): array
    {
        [$from, $to] = [self::cones(self::D55), self::cones(self::D65)];
        $matrix = [];
        foreach (self::SRGB_FROM_XYZ as $channel => $row) {
            foreach ([0, 1, 2] as $column) {
                $sum = 0.0;
                foreach ([0, 1, 2] as $middle) {
                    $adapted = 0.0;
                    foreach ([0, 1, 2] as $cone) {
                        $adapted += self::BRADFORD_BACK[$middle][$cone]
                            * ($to[$cone] / $from[$cone])
                            * self::BRADFORD[$cone][$column];
                    }
                    $sum += $row[$middle] * $adapted;
                }
                $matrix[] = self::SENSITIVITY[$channel] * $sum;
            }
        }

        return $matrix;
    }

    /** @return array{float, float, float} what the channels make of a grey that a white balance makes neutral */
    public static function neutral(WhiteBalance $balance): array
    {
        [$red, $green, $blue] = array_map(
            fn (float $gain, float $sensitivity): float => $sensitivity / $gain,
            $balance->gains(),
            self::SENSITIVITY,
        );
        $most = max($red, $green, $blue);

        return [$red / $most, $green / $most, $blue / $most];
    }

    /**
     * What cones make of a white.
     *
     * @param  array{float, float}  $white  chromaticity
     * @return array{float, float, float}
     */
    private static function cones(array $white): array
    {
        [$x, $y] = $white;
        $xyz = [$x / $y, 1.0, (1 - $x - $y) / $y];
        $cone = fn (int $row): float => array_sum(
            array_map(fn (float $a, float $b): float => $a * $b, self::BRADFORD[$row], $xyz),
        );

        return [$cone(0), $cone(1), $cone(2)];
    }
}
