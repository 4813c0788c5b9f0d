<?php

declare(strict_types=1);

namespace App\Practice;

/** What a person sets before pressing the shutter; null values are left to the camera. */
final readonly class Shot
{
    public function __construct(
        public Scene $scene,
        public CameraSetup $setup,
        public ShotExposure $exposure,
        public ShotHold $hold,
        public ShotPress $press,
        public ShotLight $light = new ShotLight(),
        public ShotFocus $focusing = new ShotFocus(),
    ) {
    }
}
