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
            throw new self(rtrim(sprintf('%s must be greater than zero and finite; got %s %s', ucfirst($what), $value, $unit)).'.');
        }
    }

    public static function tooClose(float $metres, float $focalLength): self
    {
        return new self(sprintf('A subject at %s m is inside the focal length of %s mm.', $metres, $focalLength));
    }

    public static function unknownFormat(string $text): self
    {
        return new self(sprintf('"%s" is not a format; write its width x height in mm, such as 36x24.', $text));
    }
}
