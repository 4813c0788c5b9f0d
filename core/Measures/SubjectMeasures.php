<?php

declare(strict_types=1);

namespace TruePupil\Core\Measures;

use TruePupil\Core\Composition\Region;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Tone\ToneMeasures;

/** The measures of the marked subject. */
final readonly class SubjectMeasures
{
    public function __construct(
        public Region $region,
        public ToneMeasures $tone,
        /** % of it in which a channel is at its end in a pale tone, as BurntTones has it; white is part of it. */
        public float $burntPct = 0.0,
        /** Where an eye of the subject is marked. */
        public ?EyeLight $eyeLight = null,
    ) {
    }

    /** Where the subject's mean luminance fell, in stops from mid-grey. */
    public function placement(): Stops
    {
        return Stops::of($this->tone->meanStops);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'region' => $this->region->toArray(),
            'sharePct' => $this->region->sharePct(),
            'burntPct' => round($this->burntPct, 3),
            'eyeLight' => $this->eyeLight?->toArray(),
            ...$this->tone->toArray(),
        ];
    }
}
