<?php

declare(strict_types=1);

namespace TruePupil\Core\Series;

use TruePupil\Core\Exposure\ExposureSettings;

/** The frame to take next on a night ladder, and why. */
final readonly class NightRung
{
    public function __construct(public ExposureSettings $settings, public NightReason $reason)
    {
    }
}
