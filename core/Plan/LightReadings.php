<?php

declare(strict_types=1);

namespace TruePupil\Core\Plan;

use TruePupil\Core\Exposure\Ev100;

/** Light that was read beforehand. */
final readonly class LightReadings
{
    /** Stops from mid-grey at which shadows keep their detail on negative film: zone III. */
    public const SHADOWS = -2.0;

    /**
     * @param  ?Ev100  $light  light expected of the subject
     * @param  ?Ev100  $shadow  a spot reading of the darkest place that should keep detail
     */
    public function __construct(public ?Ev100 $light = null, public ?Ev100 $shadow = null)
    {
    }
}
