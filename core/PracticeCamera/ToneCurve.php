<?php

declare(strict_types=1);

namespace TruePupil\Core\PracticeCamera;

use TruePupil\Core\Tone\Srgb;

/**
 * How a linear picture becomes bytes: the sRGB curve, with a shoulder so that highlights fade into white. Up to 0.8
 * nothing is changed; from there x − (x − 0.8)²/0.8 reaches 1 at 1.2 with no slope left, and all above is lost.
 */
final class ToneCurve
{
    public const SHOULDER = 0.8;

    public const CLIP = 1.2;

    /** Steps of the table for each unit of linear light. */
    public const STEPS = 50000;

    public static function shoulder(float $linear): float
    {
        return match (true) {
            $linear <= self::SHOULDER => max(0.0, $linear),
            $linear >= self::CLIP => 1.0,
            default => $linear - ($linear - self::SHOULDER) ** 2 / (2 * (self::CLIP - self::SHOULDER)),
        };
    }

    /** The byte for every step of linear light from 0 to the end of a 16-bit scale, as a string of 65 536 bytes. */
    public static function table(): string
    {
        $bytes = '';
        for ($step = 0; $step < 65536; $step++) {
            $bytes .= chr((int) round(255 * Srgb::encoded(self::shoulder($step / self::STEPS))));
        }

        return $bytes;
    }
}
