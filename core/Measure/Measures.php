<?php

declare(strict_types=1);

namespace TruePupil\Core\Measure;

use TruePupil\Core\Tone\ToneMeasures;

/** Everything measured in one picture. What was not measured is absent, never invented. */
final readonly class Measures
{
    /** @param  array{scene: float, centre: float, spot: float, highlight: float}  $metering  verdicts in stops */
    public function __construct(
        public ToneMeasures $tone,
        public array $metering,
        public ?SubjectMeasures $subject = null,
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'tone' => $this->tone->toArray(),
            'metering' => $this->metering,
            ...($this->subject === null ? [] : ['subject' => $this->subject->toArray()]),
        ];
    }
}
