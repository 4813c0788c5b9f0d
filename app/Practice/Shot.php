<?php

declare(strict_types=1);

namespace App\Practice;

use DateTimeImmutable;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Kit\AutoIso;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Metering\MeteringPattern;
use TruePupil\Core\PracticeCamera\GraduatedFilter;

/** What a person sets before pressing the shutter; null values are left to the camera. */
final readonly class Shot
{
    /**
     * @param  array{x: float, y: float}  $aim  where on the plate the frame is centred
     * @param  ?string  $condition  the scene's light; null for its usual one
     * @param  ?float  $focus  m; null focuses at the middle of the frame
     * @param  float  $filterStops  of a neutral-density filter
     * @param  ?float  $kelvin  white balance; null for automatic
     * @param  ?float  $flash  guide number in use, m at ISO 100; null for none
     * @param  float  $followed  share of a crossing subject's speed that the camera pans with
     * @param  float  $moment  s since the scene began
     * @param  int  $seed  of this press: its noise and its shake
     * @param  array{x: float, y: float}  $point  of the frame, where it focuses and where a spot is read
     * @param  ?float  $heldEv100  light that was metered before and is held
     */
    public function __construct(
        public Scene $scene,
        public CameraSetup $setup,
        public ExposureMode $mode,
        public ?Aperture $aperture,
        public ?ExposureTime $time,
        public ?Iso $iso,
        public Stops $compensation,
        public MeteringPattern $metering,
        public array $aim,
        public DateTimeImmutable $takenAt,
        public int $seed,
        public ?string $condition = null,
        public ?float $focus = null,
        public float $filterStops = 0.0,
        public ?GraduatedFilter $graduated = null,
        public ?float $kelvin = null,
        public Support $support = Support::Tripod,
        public bool $stabilised = true,
        public ?float $flash = null,
        public float $followed = 0.0,
        public float $moment = 0.0,
        public ?AutoIso $autoIso = null,
        public array $point = ['x' => 0.5, 'y' => 0.5],
        public ?float $heldEv100 = null,
    ) {
    }
}
