<?php

declare(strict_types=1);

namespace TruePupil\Core\Sky;

use InvalidArgumentException;

/** A place or moment that cannot be. The message names the value. */
final class InvalidSky extends InvalidArgumentException
{
    public static function latitude(float $degrees): self
    {
        return new self(sprintf('Latitude must lie between −90° and 90°; got %s.', $degrees));
    }

    public static function longitude(float $degrees): self
    {
        return new self(sprintf('Longitude must lie between −180° and 180°; got %s.', $degrees));
    }

    public static function moment(string $text): self
    {
        return new self(sprintf('"%s" is not a moment; write it as 2026-06-21T18:30:00+02:00.', $text));
    }
}
