<?php

declare(strict_types=1);

namespace TruePupil\Core\Optics;

use InvalidArgumentException;

/** A lens, distance or format that cannot be. The message names the value. */
final class InvalidOptics extends InvalidArgumentException
{
    /** @throws self */
    public static function unlessPositive(string $what, float $value, string $unit = ''): void
    {
        if (! is_finite($value) || $value <= 0.0) {
            throw new self(
                rtrim(sprintf('%s must be greater than zero and finite; got %s %s', ucfirst($what), $value, $unit)).
                    '.',
            );
        }
    }

    public static function tooClose(float $metres, float $focalLength): self
    {
        return new self(sprintf('A subject at %s m is inside the focal length of %s mm.', $metres, $focalLength));
    }

    public static function insideClosestFocus(float $metres, float $closest, string $lens): self
    {
        return new self(
            sprintf('A subject at %s m is inside the closest focus of %s, %s m.', $metres, $lens, $closest),
        );
    }

    public static function unreadable(string $what, string $text): self
    {
        return new self(sprintf('"%s" cannot be read as %s; write a number.', $text, $what));
    }

    public static function negativeSpeed(float $speed): self
    {
        return new self(sprintf('A speed is zero or more, in m/s; got %s.', $speed));
    }

    public static function beyondZoom(float $focalLength, string $lens, float $shortest, float $longest): self
    {
        return new self(
            sprintf(
                '%s does not reach %s mm; it goes from %s to %s mm.',
                ucfirst($lens),
                $focalLength,
                $shortest,
                $longest,
            ),
        );
    }

    public static function reversed(float $near, float $far): self
    {
        return new self(sprintf('The far limit of %s m lies nearer than the near limit of %s m.', $far, $near));
    }

    public static function unknownFormat(string $text): self
    {
        return new self(sprintf('"%s" is not a format; write its width x height in mm, such as 36x24.', $text));
    }
}
