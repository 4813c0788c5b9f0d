<?php

declare(strict_types=1);

namespace App\Wording;

use TruePupil\Core\Exposure\Duration;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Optics\Metres;

/** Measured values as people read them: stops in signed thirds, times as on a dial, everything with its unit. */
final class Quantity
{
    public static function quantity(float|string|null $value, string $unit): string
    {
        if ($value === null) {
            return 'not known';
        }
        if (is_string($value)) {
            return $value;
        }

        return match ($unit) {
            'stops' => Stops::of($value)->signed().
                ' '.
                (abs(Stops::of($value)->inThirds()) === 3 ||
                (abs(Stops::of($value)->inThirds()) < 3 && Stops::of($value)->inThirds() !== 0)
                    ? 'stop'
                    : 'stops'),
            's' => $value >= 120 ? Duration::text($value) : (string) ExposureTime::of($value),
            '%' => number_format($value, $value > 0 && $value < 9.95 ? 1 : 0).' %',
            'm' => Metres::text($value),
            default => trim(round($value, abs($value) < 0.1 ? 4 : 2).' '.$unit),
        };
    }

    /** How far inside or beyond a limit. */
    public static function margin(?float $margin, string $unit): string
    {
        if ($margin === null) {
            return '';
        }
        $side = $margin >= -1e-6 ? 'inside' : 'beyond';
        $amount = $unit === 'stops' ? Stops::of($margin)->inWords() : ltrim(self::quantity(abs($margin), $unit), '+');
        // Less than any dial can move is not "0 stops beyond".
        $isHair = $unit === 'stops' ? Stops::of($margin)->inThirds() === 0 : abs($margin) < 0.05;

        return ($isHair ? 'just ' : $amount.' ').$side.' the limit';
    }
}
