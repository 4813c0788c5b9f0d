<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

/** What would make the impossible possible, alone or together, with the settings that it leads to. */
final readonly class Remedy
{
    /**
     * @param  string  $what  stable names, such as "light", "filter" or "tripod+filter"
     * @param  ?Suggestion  $settings  the best with it
     */
    public function __construct(
        public string $what,
        public float $amount,
        public string $unit,
        public string $sentence,
        public ?Suggestion $settings = null,
    ) {
    }

    /**
     * @return array{
     *     what: string,
     *     amount: float,
     *     unit: string,
     *     sentence: string,
     *     settings: ?array<string, mixed>,
     * }
     */
    public function toArray(): array
    {
        return [
            'what' => $this->what,
            'amount' => $this->amount,
            'unit' => $this->unit,
            'sentence' => $this->sentence,
            'settings' => $this->settings?->toArray(),
        ];
    }
}
