<?php

declare(strict_types=1);

namespace App\Imaging;

use RuntimeException;
use Throwable;

/** The store that holds pictures does not answer, or refuses. */
final class StoreAway extends RuntimeException
{
    public static function because(Throwable $problem): self
    {
        return new self('The store for pictures does not answer: '.$problem->getMessage(), previous: $problem);
    }
}
