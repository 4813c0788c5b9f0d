<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

/** Several frames of one moment's length that are put together afterwards. */
final readonly class SuggestedSeries
{
    /**
     * @param  'range'|'trails'|'focus'  $for  what they are put together for
     * @param  float  $stepStops  stops between them; 0 where all are alike
     */
    public function __construct(public string $for, public int $frames, public float $stepStops = 0.0)
    {
    }

    /** @return array{for: string, frames: int, stepStops: float} */
    public function toArray(): array
    {
        return ['for' => $this->for, 'frames' => $this->frames, 'stepStops' => $this->stepStops];
    }
}
