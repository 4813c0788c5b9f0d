<?php

declare(strict_types=1);

namespace TruePupil\Core\Exposure;

/**
 * How long the shutter is open, in seconds. Domain: greater than zero.
 *
 * Example: ExposureTime::of(1 / 60)->exact is 1/64 s; (string) ExposureTime::of(1 / 60) is "1/60 s".
 */
final class ExposureTime
{
    use ScaleValue;

    private const NAME = 'exposure time';

    /** Reads "1/250", "1/250 s", "0.004", "4" or "4 s". @throws InvalidExposure when it is none of these */
    public static function parse(string $text): self
    {
        $plain = trim(preg_replace('/\s*(s|sec|seconds?|″|")$/iu', '', trim($text)) ?? '');
        if (preg_match('~^(\d+(?:\.\d+)?)\s*/\s*(\d+(?:\.\d+)?)$~', $plain, $part) === 1 && (float) $part[2] > 0.0) {
            return self::of((float) $part[1] / (float) $part[2]);
        }
        if (is_numeric($plain)) {
            return self::of((float) $plain);
        }
        throw InvalidExposure::unreadable('an exposure time (write 1/250 or 4)', $text);
    }

    /** The longest time of the scale that is no longer than so many seconds: for a limit that must be kept. */
    public static function noLongerThan(float $seconds): self
    {
        $nearest = self::nearest($seconds);

        return $nearest->exact <= $seconds * (1 + 1e-9) ? $nearest : self::nearest($nearest->exact * 2 ** (-1 / 3));
    }

    /** The shortest time of the scale that is no shorter than so many seconds. */
    public static function noShorterThan(float $seconds): self
    {
        $nearest = self::nearest($seconds);

        return $nearest->exact >= $seconds * (1 - 1e-9) ? $nearest : self::nearest($nearest->exact * 2 ** (1 / 3));
    }

    /** Light that this time gathers more than another, as steps of the scale. */
    public function stopsMoreLightThan(self $other): Stops
    {
        return Stops::of(log($this->snapped() / $other->snapped(), 2));
    }

    /** Tv = −log2 t (APEX), from the exact value. */
    public function apex(): float
    {
        return -log($this->exact, 2);
    }

    public function __toString(): string
    {
        $seconds = $this->nominal();
        // Cameras write fractions down to 1/4 s and decimals above.
        if ($seconds < 0.2999) {
            return '1/'.round(1 / $seconds).' s';
        }

        return ($seconds < 10 ? round($seconds, 1) : round($seconds)).' s';
    }

    private static function scale(): Scale
    {
        return self::scaleOf(StopIncrement::Third);
    }

    private static function scaleOf(StopIncrement $increment): Scale
    {
        /** @var array<int, Scale> $scales */
        static $scales = [];

        return $scales[$increment->value] ??= Scale::exposureTime($increment);
    }
}
