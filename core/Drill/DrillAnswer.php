<?php

declare(strict_types=1);

namespace TruePupil\Core\Drill;

use TruePupil\Core\Exposure\LightLedger;

/** The answer to a question, and why it is right. */
final readonly class DrillAnswer
{
    /**
     * @param  float|string  $right  the answer: a time in seconds, an f-number, ISO, stops, or the name of a choice
     * @param  array<string, string>  $choices  words by name
     * @param  ?array{LightLedger, LightLedger}  $ledgers  the account before and after, for the explanation
     */
    public function __construct(
        public AnswerUnit $unit,
        public float|string $right,
        public string $why,
        public array $choices = [],
        public ?array $ledgers = null,
    ) {
    }
}
