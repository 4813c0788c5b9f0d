<?php

declare(strict_types=1);

namespace App\Calculators;

/** An example out of a book, or worked by hand: what is given and what comes out. */
final readonly class Example
{
    /**
     * @param  array<string, string>  $given  as typed after `pupil:calc NAME`
     * @param  array<string, int|float|string|null>  $gives  parts of the answer, by their path joined by dots
     */
    public function __construct(public array $given, public array $gives)
    {
    }
}
