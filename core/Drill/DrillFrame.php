<?php

declare(strict_types=1);

namespace TruePupil\Core\Drill;

use TruePupil\Core\Exposure\ExposureSettings;

/** A frame of a scene to be shown with a question. */
final readonly class DrillFrame
{
    /** @param  string  $name  under which it can be chosen */
    public function __construct(public string $name, public string $scene, public ExposureSettings $settings)
    {
    }
}
