<?php

declare(strict_types=1);

namespace TruePupil\Core\WhatIf;

use InvalidArgumentException;

/** A recipe that cannot be followed. */
final class InvalidRecipe extends InvalidArgumentException
{
    public static function step(mixed $name): self
    {
        return new self(sprintf('A recipe has no step "%s".', is_scalar($name) ? $name : json_encode($name)));
    }

    public static function number(StepKind $kind, string $name, mixed $value): self
    {
        [$least, $most] = $kind->numbers()[$name];

        return new self(
            sprintf(
                '"%s" of "%s" must be a number from %s to %s; got "%s".',
                $name,
                $kind->value,
                $least,
                $most,
                is_scalar($value) ? $value : json_encode($value),
            ),
        );
    }
}
