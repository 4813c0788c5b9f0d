<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks;

use TruePupil\Core\Brief\Check;
use TruePupil\Core\Situation\Need;

/** What came of a check on one frame. */
final readonly class CheckResult
{
    /**
     * @param  ?float  $margin  positive inside the limit, in the measure's unit; null for words
     * @param  list<Need>  $missing  what would have to be known
     * @param  bool  $isOfRaw  whether lost tones were counted in the raw file, and not in its preview
     */
    public function __construct(
        public Check $check,
        public float|string|null $value,
        public ?float $margin,
        public Verdict $verdict,
        public array $missing = [],
        public bool $isOfRaw = false,
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'id' => $this->check->id,
            'measure' => $this->check->measure->id,
            'value' => $this->value,
            'limit' => is_float($this->value) && is_float($this->check->limit)
                ? $this->check->limitOf($this->value)
                : $this->check->limit,
            'margin' => $this->margin,
            'unit' => $this->check->measure->unit,
            'verdict' => $this->verdict->value,
            'sentence' => $this->check->sentence,
            'reason' => $this->check->reason,
            ...$this->isOfRaw ? ['ofRaw' => true] : [],
            'missing' => array_map(fn (Need $need): string => $need->value, $this->missing),
        ];
    }
}
