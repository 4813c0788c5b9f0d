<?php

declare(strict_types=1);

namespace App\Practice;

use TruePupil\Core\PracticeCamera\WhiteBalance;
use TruePupil\Core\Sensor\SensorModel;

/** What the sensor makes of the light. */
final readonly class RenderedSensor
{
    public function __construct(public SensorModel $sensor, public WhiteBalance $whiteBalance, public int $seed)
    {
    }
}
