<?php

declare(strict_types=1);

namespace App\Imaging;

use RuntimeException;

/** Somebody else is making what was asked for, and it takes long. */
final class StillMaking extends RuntimeException
{
    public static function now(): self
    {
        return new self('This picture is being made just now. Try again in a moment.');
    }
}
