<?php

declare(strict_types=1);

namespace App\Critique;

use RuntimeException;

/** A critique that has been published and can no longer change. The message is for whoever critiques. */
final class CritiquePublished extends RuntimeException
{
    /** @param  string  $what  "no note can be added", "its findings can no longer change" … */
    public static function so(string $what): self
    {
        return new self('This critique has been published already; '.$what.'.');
    }
}
