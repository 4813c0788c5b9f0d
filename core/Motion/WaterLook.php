<?php

declare(strict_types=1);

namespace TruePupil\Core\Motion;

/**
 * How falling or flowing water looks, by exposure time. Bands are those of common practice; what lies between is
 * undecided.
 */
enum WaterLook: string
{
    case Frozen = 'frozen';
    case Shaped = 'shaped';
    case Silk = 'silk';
    case Mist = 'mist';

    /** @return array{float, float} shortest and longest time in seconds; the ends belong to the band */
    public function band(): array
    {
        return match ($this) {
            self::Frozen => [0.0, 1 / 500],
            self::Shaped => [1 / 16, 1 / 4],
            self::Silk => [0.5, 2.0],
            self::Mist => [8.0, 32.0],
        };
    }

    /** The look after so many seconds; null between the bands, where it is neither. */
    public static function after(float $seconds): ?self
    {
        foreach (self::cases() as $look) {
            [$shortest, $longest] = $look->band();
            // A sixth of a stop of slack: engraved times are rounded.
            if ($seconds >= $shortest / 2 ** (1 / 6) && $seconds <= $longest * 2 ** (1 / 6)) {
                return $look;
            }
        }

        return null;
    }
}
