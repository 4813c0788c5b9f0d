<?php

declare(strict_types=1);

namespace TruePupil\Core\Brief;

use InvalidArgumentException;

/** A brief file that does not follow the format. */
final class InvalidBrief extends InvalidArgumentException
{
    public static function at(string $key, string $why): self
    {
        return new self(sprintf('The brief\'s "%s" is wrong: %s.', $key, $why));
    }
}
