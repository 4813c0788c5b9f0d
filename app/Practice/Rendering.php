<?php

declare(strict_types=1);

namespace App\Practice;

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
}
