<?php

declare(strict_types=1);

namespace TruePupil\Core\Modes;

use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\Stops;

/**
 * The one value that a camera chooses when the other two are given: the scale value nearest to what balances the light,
 * with compensation counted as wanted light. EV100 − compensation = log2(N²/t) − log2(S/100).
 */
final readonly class MeteredChoice
{
    private float $target;

    /** @param  Ev100  $reading  what the meter reads */
    public function __construct(Ev100 $reading, Stops $compensation)
    {
        $this->target = $reading->value - $compensation->value;
    }

    public function exposureTime(Aperture $aperture, Iso $iso): ExposureSettings
    {
        $time = ExposureTime::nearest(2 ** ($aperture->apex() - $iso->stopsAbove100() - $this->target));

        return new ExposureSettings($aperture, $time, $iso);
    }

    public function aperture(ExposureTime $time, Iso $iso): ExposureSettings
    {
        $aperture = Aperture::nearest(2 ** (($this->target + $iso->stopsAbove100() - $time->apex()) / 2));

        return new ExposureSettings($aperture, $time, $iso);
    }

    public function iso(Aperture $aperture, ExposureTime $time): ExposureSettings
    {
        $iso = Iso::nearest(100 * 2 ** ($aperture->apex() + $time->apex() - $this->target));

        return new ExposureSettings($aperture, $time, $iso);
    }
}
