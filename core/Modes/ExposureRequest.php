<?php

declare(strict_types=1);

namespace TruePupil\Core\Modes;

use TruePupil\Core\Kit\BodyLimits;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\LensLimits;

/** What the camera is asked: the light, the mode, what the person set, and what body and lens can do. */
final readonly class ExposureRequest
{
    /**
     * @param  float  $sceneEv100  light as the meter reads it
     * @param  float  $filterStops  light that a filter takes
     * @param  bool  $silent  the electronic shutter is in use
     */
    public function __construct(
        public float $sceneEv100,
        public ExposureMode $mode,
        public LensLimits $lens,
        public BodyLimits $body,
        public SetValues $set = new SetValues(),
        public float $filterStops = 0.0,
        public bool $flash = false,
        public bool $silent = false,
    ) {
    }

    /** The fastest time that shutter and flash allow, in seconds. */
    public function fastest(): float
    {
        $fastest = $this->body->fastestWith($this->silent);

        return $this->isFlashSynced() ? max($fastest, (float) $this->body->flashSync) : $fastest;
    }

    /** Whether a flash fires that needs the shutter fully open. */
    public function isFlashSynced(): bool
    {
        return $this->flash && ! $this->silent && $this->body->flashSync !== null;
    }

    /** Compensation as wanted light: full automatic, scene programs and bulb do not offer it. */
    public function compensationCounted(): float
    {
        return match ($this->mode) {
            ExposureMode::Auto, ExposureMode::Scene, ExposureMode::Bulb => 0.0,
            default => $this->set->compensation,
        };
    }
}
