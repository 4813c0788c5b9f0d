<?php

declare(strict_types=1);

namespace App\Critique;

use RuntimeException;

/** A critique that cannot be published yet. The message is for the instructor. */
final class StillJudging extends RuntimeException
{
    public static function aFrame(): self
    {
        return new self(
            'A frame is still being judged. Wait a moment and publish again; everything you wrote is kept.',
        );
    }
}
