<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings;

/** One measured value behind a judgement, with its limit and the margin to it. */
final readonly class Evidence
{
    /**
     * @param  string  $unit  "stops", "%", "s" or "" for a bare number
     * @param  ?float  $margin
     *   positive inside the limit, negative beyond it, in the same unit unless $marginUnit says other
     */
    public function __construct(
        public string $name,
        public float|string $value,
        public string $unit = '',
        public float|string|null $limit = null,
        public ?float $margin = null,
        public string $marginUnit = '',
    ) {
    }

    /**
     * @return array{value: float|string, unit: string, limit: float|string|null, margin: ?float, marginUnit: string}
     */
    public function toArray(): array
    {
        return [
            'value' => $this->value,
            'unit' => $this->unit,
            'limit' => $this->limit,
            'margin' => $this->margin,
            'marginUnit' => $this->marginUnit === '' ? $this->unit : $this->marginUnit,
        ];
    }
}
