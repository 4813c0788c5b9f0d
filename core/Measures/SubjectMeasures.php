<?php

declare(strict_types=1);

namespace TruePupil\Core\Measures;

use TruePupil\Core\Composition\Region;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Tone\ToneMeasures;

/** The measures of the marked subject. */
final readonly class SubjectMeasures
{
    public function __construct(public Region $region, public ToneMeasures $tone)
    {
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
            ...$this->tone->toArray(),
        ];
    }
}
