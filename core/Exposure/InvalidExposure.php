<?php

declare(strict_types=1);

namespace TruePupil\Core\Exposure;

use InvalidArgumentException;

/** A value that no exposure can have. The message names the value. */
final class InvalidExposure extends InvalidArgumentException
{
    /** @throws self when the value is zero, negative or not finite */
    public static function unlessPositive(string $what, float $value): void
    {
        if (! is_finite($value) || $value <= 0.0) {
            throw self::notPositive($what, $value);
        }
    }

    public static function notPositive(string $what, float $value): self
    {
        return new self(sprintf('%s must be greater than zero and finite; got %s.', ucfirst($what), $value));
    }

    public static function notFinite(string $what, float $value): self
    {
        return new self(sprintf('%s must be a finite number; got %s.', ucfirst($what), $value));
    }

    public static function outside(string $what, float $value, float $least, float $most): self
    {
        return new self(sprintf('%s must lie between %s and %s; got %s.', ucfirst($what), $least, $most, $value));
    }

    public static function reversed(string $what): self
    {
        return new self(sprintf('%s are the wrong way round: the lower end lies above the upper.', ucfirst($what)));
    }

    public static function beyondShutter(ExposureTime $set, ExposureTime $fastest): self
    {
        return new self(sprintf('%s is above the top speed of the shutter, %s.', $set, $fastest));
    }

    public static function unset(string $what, string $mode): self
    {
        return new self(sprintf('In %s the %s is the person\'s to set, and none was given.', $mode, $what));
    }

    public static function unreadable(string $what, string $text): self
    {
        return new self(sprintf('"%s" cannot be read as %s.', $text, $what));
    }
}
