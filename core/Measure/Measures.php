<?php

declare(strict_types=1);

namespace TruePupil\Core\Measure;

use TruePupil\Core\Exposure\Stops;
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

    /** What would be measured with so many stops more light on the same scene. */
    public function brightened(Stops $stops): self
    {
        $subject = $this->subject;

        return new self(
            $this->tone->brightened($stops),
            array_map(fn (float $verdict): float => $verdict + $stops->value, $this->metering),
            $subject === null ? null : new SubjectMeasures($subject->region, $subject->tone->brightened($stops)),
        );
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
