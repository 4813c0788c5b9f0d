<?php

declare(strict_types=1);

namespace App\Calculators;

use Closure;

/** One line of a sheet's answer. */
final readonly class SheetAnswer
{
    /**
     * @param  string  $path  where the value lies in what the calculator gave, parts joined by dots
     * @param  Closure(mixed): string  $text  the value as people read it
     */
    public function __construct(public string $path, public string $label, private Closure $text)
    {
    }

    /** @param  array<string, mixed>  $result */
    public function in(array $result): ?string
    {
        foreach (explode('.', $this->path) as $part) {
            if (! is_array($result) || ! array_key_exists($part, $result)) {
                return null;
            }
            $result = $result[$part];
        }

        return ($this->text)($result);
    }
}
