<?php

declare(strict_types=1);

namespace TruePupil\Core\PracticeCamera;

use InvalidArgumentException;

/**
 * What the camera takes the light's colour to be, and the channel gains that make such light neutral. The plates are
 * seen as a camera set to daylight (5500 K) sees them.
 *
 * The colour of a black body follows the cubic approximation of the Planckian locus in CIE 1931 xy (Kang and others,
 * 2002),
 * good from 1667 K to 25 000 K.
 */
final readonly class WhiteBalance
{
    public const DAYLIGHT = 5500.0;

    /** How far automatic white balance follows the light: the glow of lamps and the blue of shade are left to show. */
    private const AUTOMATIC = [3200.0, 7500.0];

    /** Linear sRGB from CIE XYZ (IEC 61966-2-1). */
    private const FROM_XYZ = [
        [3.2404542, -1.5371385, -0.4985314],
        [-0.969266, 1.8760108, 0.041556],
        [0.0556434, -0.2040259, 1.0572252],
    ];

    private function __construct(public float $kelvin, public bool $isAutomatic)
    {
    }

    public static function of(float $kelvin): self
    {
        if (! is_finite($kelvin) || $kelvin < 1700 || $kelvin > 25000) {
            throw new InvalidArgumentException(sprintf('White balance goes from 1700 K to 25 000 K; got %s.', $kelvin));
        }

        return new self($kelvin, false);
    }

    /** As the camera chooses it for light of a colour temperature. */
    public static function automatic(float $lightKelvin): self
    {
        return new self(max(self::AUTOMATIC[0], min(self::AUTOMATIC[1], $lightKelvin)), true);
    }

    /**
     * Factors on linear red, green and blue; green's is 1.
     *
     * @return array{float, float, float}
     */
    public function gains(): array
    {
        [$here, $day] = [self::colour($this->kelvin), self::colour(self::DAYLIGHT)];

        return [$day[0] / $here[0], 1.0, $day[2] / $here[2]];
    }

    /**
     * Linear red, green and blue of a black body, green 1.
     *
     * @return array{float, float, float}
     */
    private static function colour(float $kelvin): array
    {
        $t = 1000 / $kelvin;
        $x =
            $kelvin < 4000
                ? -0.2661239 * $t ** 3 - 0.2343589 * $t ** 2 + 0.8776956 * $t + 0.17991
                : -3.0258469 * $t ** 3 + 2.1070379 * $t ** 2 + 0.2226347 * $t + 0.24039;
        $y = match (true) {
            $kelvin < 2222 => -1.1063814 * $x ** 3 - 1.3481102 * $x ** 2 + 2.18555832 * $x - 0.20219683,
            $kelvin < 4000 => -0.9549476 * $x ** 3 - 1.37418593 * $x ** 2 + 2.09137015 * $x - 0.16748867,
            default => 3.081758 * $x ** 3 - 5.8733867 * $x ** 2 + 3.75112997 * $x - 0.37001483,
        };
        $xyz = [$x / $y, 1.0, (1 - $x - $y) / $y];
        $rgb = array_map(
            fn (array $row): float => max(0.02, $row[0] * $xyz[0] + $row[1] * $xyz[1] + $row[2] * $xyz[2]),
            self::FROM_XYZ,
        );

        return [$rgb[0] / $rgb[1], 1.0, $rgb[2] / $rgb[1]];
    }
}
