<?php

declare(strict_types=1);

namespace TruePupil\Core\PracticeCamera;

use TruePupil\Core\Exposure\ExposureSettings;

/**
 * What a flash adds, by its guide number: at N = GN/s, ISO 100, a subject s metres away is exposed as the meter wants.
 * The shutter has no part in it.
 */
final class FlashLight
{
    /**
     * Linear picture value for each unit of a flash plate, in which a white card one metre from the lens is 1.
     *
     * @param  float  $guideNumber  metres at ISO 100, at the power in use
     */
    public static function factor(float $guideNumber, ExposureSettings $settings): float
    {
        return (($guideNumber / $settings->aperture->exact) ** 2 * $settings->iso->exact) / 100;
    }
}
