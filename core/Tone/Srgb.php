<?php

declare(strict_types=1);

namespace TruePupil\Core\Tone;

/** The sRGB transfer function and luminance weights (IEC 61966-2-1). Mid-grey, 18 % linear, encodes as 118 of 255. */
final class Srgb
{
    public const MID_GREY = 0.18;

    /** Weights of linear red, green and blue in luminance. */
    public const WEIGHTS = [0.2126, 0.7152, 0.0722];

    /** Linear light 0–1 of an encoded value 0–1. */
    public static function linear(float $encoded): float
    {
        return $encoded <= 0.04045 ? $encoded / 12.92 : (($encoded + 0.055) / 1.055) ** 2.4;
    }

    /** Encoded value 0–1 of linear light 0–1. */
    public static function encoded(float $linear): float
    {
        return $linear <= 0.0031308 ? $linear * 12.92 : 1.055 * $linear ** (1 / 2.4) - 0.055;
    }

    /**
     * Linear light of each 8-bit code.
     *
     * @return list<float>
     */
    public static function linearByCode(): array
    {
        /** @var ?list<float> $table */
        static $table = null;

        return $table ??= array_map(fn (int $code): float => self::linear($code / 255), range(0, 255));
    }

    /** Stops of linear light from mid-grey. Black has none, so it is counted from the darkest code above it. */
    public static function stopsFromMidGrey(float $linear): float
    {
        return log(max($linear, self::linear(1 / 255)) / self::MID_GREY, 2);
    }
}
