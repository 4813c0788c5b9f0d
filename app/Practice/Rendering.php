<?php

declare(strict_types=1);

namespace App\Practice;

use TruePupil\Core\PracticeCamera\WhiteBalance;

/** Everything that decides what a picture looks like, worked out. */
final readonly class Rendering
{
    public function __construct(
        public Scene $scene,
        public SceneLight $condition,
        public RenderedView $optics,
        public RenderedExposure $exposure,
        public RenderedSensor $film,
        public RenderedMotion $motion,
    ) {
    }

    /** As the sensor sees it, whatever white balance is set. */
    public function inDaylight(): self
    {
        return new self(
            $this->scene,
            $this->condition,
            $this->optics,
            $this->exposure,
            new RenderedSensor(
                $this->film->sensor,
                WhiteBalance::of(WhiteBalance::DAYLIGHT),
                $this->film->seed,
            ),
            $this->motion,
        );
    }

    /** What the magnifier shows. */
    public function magnified(float $times): self
    {
        return new self(
            $this->scene,
            $this->condition,
            $this->optics->magnified($times),
            $this->exposure,
            $this->film,
            $this->motion,
        );
    }
}
