<?php

declare(strict_types=1);

namespace TruePupil\Core\Measures;

use TruePupil\Core\Composition\Region;
use TruePupil\Core\Composition\SubjectShape;
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
        /** What of the rectangle it is; null where that cannot be told. Sharpness, share and losses are those of it. */
        public ?SubjectShape $shape = null,
        /** Of the shape; null where there is none. */
        private ?ToneMeasures $ofShape = null,
    ) {
    }

    /** Percentage of the frame that it covers: of its shape, else of the rectangle. */
    public function sharePct(): float
    {
        return $this->shape?->sharePct() ?? $this->region->sharePct();
    }

    /** The tones of its shape, else of the rectangle: what is lost round a subject is not lost in it. */
    public function own(): ToneMeasures
    {
        return $this->ofShape ?? $this->tone;
    }

    /** With so many stops more light on it; eye and face brighten alike. */
    public function brightened(Stops $stops): self
    {
        return new self(
            $this->region,
            $this->tone->brightened($stops),
            $this->burntPct,
            $this->eyeLight,
            $this->shape,
            $this->ofShape?->brightened($stops),
        );
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
            'sharePct' => $this->sharePct(),
            'shape' => $this->shape?->toArray(),
            'ofShape' => $this->ofShape?->toArray(),
            'burntPct' => round($this->burntPct, 3),
            'eyeLight' => $this->eyeLight?->toArray(),
            ...$this->tone->toArray(),
        ];
    }
}
