<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

/** One thing that would make the impossible possible, with its amount. */
final readonly class Remedy
{
    /** @param  string  $what  stable name, such as "light", "filter", "tripod", "lens" or "iso-ceiling" */
    public function __construct(
        public string $what,
        public float $amount,
        public string $unit,
        public string $sentence,
    ) {
    }

    /** @return array{what: string, amount: float, unit: string, sentence: string} */
    public function toArray(): array
    {
        return ['what' => $this->what, 'amount' => $this->amount, 'unit' => $this->unit, 'sentence' => $this->sentence];
    }
}
