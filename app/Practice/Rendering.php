<?php

declare(strict_types=1);

namespace App\Practice;

use TruePupil\Core\Composition\Region;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Optics\SensorFormat;
use TruePupil\Core\PracticeCamera\GraduatedFilter;
use TruePupil\Core\PracticeCamera\Shake;
use TruePupil\Core\PracticeCamera\WhiteBalance;
use TruePupil\Core\Sensor\SensorModel;

/** Everything that decides what a picture looks like, worked out. */
final readonly class Rendering
{
    /**
     * @param  Region  $framing  the part of the plate
     * @param  float  $focalLength  mm
     * @param  float  $focused  m
     * @param  float  $followed  share of a crossing subject's speed that the camera pans with
     */
    public function __construct(
        public Scene $scene,
        public SceneLight $condition,
        public Region $framing,
        public ExposureSettings $settings,
        public float $focalLength,
        public SensorFormat $format,
        public SensorModel $sensor,
        public float $focused,
        public WhiteBalance $whiteBalance,
        public float $filterStops,
        public ?GraduatedFilter $graduated,
        public Shake $shake,
        public ?float $flash,
        public float $followed,
        public float $moment,
        public int $seed,
    ) {
    }
}
