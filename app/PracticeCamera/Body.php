<?php

declare(strict_types=1);

namespace App\PracticeCamera;

use TruePupil\Core\Sensor\Format;
use TruePupil\Core\Sensor\SensorModel;

/** A made-up body with a made-up lens: what the practice camera writes into its records. */
final readonly class Body
{
    public function __construct(
        public string $make,
        public string $model,
        public string $lens,
        public Format $format,
        public int $pixels,
        /** Focal length in mm as marked on the lens. */
        public float $focalLength,
        public float $widestFNumber,
    ) {
    }

    public function focalLength35(): float
    {
        return round($this->focalLength * $this->format->crop());
    }

    public function sensor(): SensorModel
    {
        return SensorModel::typical($this->format, $this->pixels);
    }
}
