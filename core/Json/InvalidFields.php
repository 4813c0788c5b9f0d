<?php

declare(strict_types=1);

namespace TruePupil\Core\Json;

use InvalidArgumentException;

/** Decoded data that does not say what it must. The message names the place and what stood there. */
final class InvalidFields extends InvalidArgumentException
{
    public static function missing(string $where): self
    {
        return new self(sprintf('"%s" is missing.', $where));
    }

    public static function expected(string $where, string $what, mixed $found): self
    {
        return new self(
            sprintf('"%s" must be %s; got %s.', $where, $what, json_encode($found, JSON_PARTIAL_OUTPUT_ON_ERROR)),
        );
    }

    /** @param  list<string>  $known */
    public static function unknown(string $where, array $known): self
    {
        return new self(sprintf('There is no "%s" here; there is %s.', $where, implode(', ', $known)));
    }
}
