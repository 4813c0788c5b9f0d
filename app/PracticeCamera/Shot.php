<?php

declare(strict_types=1);

namespace App\PracticeCamera;

use DateTimeImmutable;
use TruePupil\Core\Capture\ExposureMode;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Metering\MeteringPattern;

/** What a person sets before pressing the shutter; null values are left to the camera. */
final readonly class Shot
{
    /** @param  array{x: float, y: float}  $aim  where on the plate the frame is centred */
    public function __construct(
        public Scene $scene,
        public Body $body,
        public ExposureMode $mode,
        public ?Aperture $aperture,
        public ?ExposureTime $time,
        public ?Iso $iso,
        public Stops $compensation,
        public MeteringPattern $metering,
        public array $aim,
        public DateTimeImmutable $takenAt,
        public int $seed,
    ) {
    }
}
