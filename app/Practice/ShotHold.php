<?php

declare(strict_types=1);

namespace App\Practice;

use TruePupil\Core\Kit\Support;

/** How a person holds and moves the camera. */
final readonly class ShotHold
{
    /**
     * @param  array{x: float, y: float}  $aim  where on the plate the frame is centred
     * @param  float  $followed  share of a crossing subject's speed that the camera pans with
     * @param  float  $lean  degrees that the camera is turned about its line of sight, clockwise
     */
    public function __construct(
        public array $aim,
        public Support $support = Support::Tripod,
        public bool $stabilised = true,
        public float $followed = 0.0,
        public float $lean = 0.0,
    ) {
    }
}
