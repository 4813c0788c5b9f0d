<?php

declare(strict_types=1);

namespace App\Practice;

use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Metering\MeteringPattern;

/** What a person sets before pressing the shutter; null values are left to the camera. */
final readonly class Shot
{
    /** An ISO that draws neither noise nor much movement into what an optical finder shows. */
    private const SEEN_AT = 800.0;

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

    /**
     * The same scene as an optical finder shows it: through the lens wide open, as bright as the eye makes it, whatever
     * is set; without the flash, which has not fired.
     */
    public function asSeen(): self
    {
        $lens = $this->setup->lens;

        return new self(
            $this->scene,
            $this->setup,
            new ShotExposure(
                ExposureMode::Aperture,
                Aperture::of(max($lens->widestAtMin, $lens->widestAtMax)),
                null,
                Iso::of(self::SEEN_AT),
                Stops::none(),
                MeteringPattern::Scene,
            ),
            $this->hold,
            $this->press,
            new ShotLight($this->light->condition, graduated: $this->light->graduated),
            $this->focusing,
        );
    }
}
