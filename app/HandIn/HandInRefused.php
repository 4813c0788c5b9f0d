<?php

declare(strict_types=1);

namespace App\HandIn;

use RuntimeException;

/** A hand-in that cannot be taken now. The message is for the student. */
final class HandInRefused extends RuntimeException
{
    public static function because(string $why): self
    {
        return new self($why);
    }
}
