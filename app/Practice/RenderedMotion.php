<?php

declare(strict_types=1);

namespace App\Practice;

use TruePupil\Core\PracticeCamera\Shake;

/** What moves while the shutter is open. */
final readonly class RenderedMotion
{
    /**
     * @param  float  $followed  share of a crossing subject's speed that the camera pans with
     * @param  float  $moment  s since the scene began
     * @param  bool  $isSilent  the sensor is read row by row
     */
    public function __construct(
        public Shake $shake,
        public float $followed,
        public float $moment,
        public bool $isSilent = false,
    ) {
    }
}
