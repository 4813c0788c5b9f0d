<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings;

/** A rule about what a sensor does: its ISO, its noise, its range. It is not asked of a frame on film. */
abstract class SensorRule extends FindingRule
{
}
