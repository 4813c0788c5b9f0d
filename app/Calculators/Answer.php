<?php

declare(strict_types=1);

namespace App\Calculators;

use TruePupil\Core\Adviser\Advice;
use TruePupil\Core\Modes\FinderDisplay;
use TruePupil\Core\Modes\SolvedExposure;

/** What a calculator answers: lines to read, what is drawn beside them, and whole advice where it gives some. */
final readonly class Answer
{
    /** @param  list<array{label: string, text: string}>  $lines */
    public function __construct(
        public array $lines = [],
        public Figures $figures = new Figures(),
        public ?Advice $advice = null,
        public ?SolvedExposure $solved = null,
        public ?FinderDisplay $finder = null,
    ) {
    }
}
