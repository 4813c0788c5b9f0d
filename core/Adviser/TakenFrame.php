<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Kit\Support;

/** A frame that is to be taken better: whoever took it meant something by its aperture, and held it as it was held. */
final readonly class TakenFrame
{
    /** @param  ?Support  $support  what held it; null where nobody said */
    public function __construct(
        public ?Aperture $aperture = null,
        public ?Support $support = null,
        public ?ExposureSettings $settings = null,
    ) {
    }
}
