<?php

declare(strict_types=1);

namespace TruePupil\Core\Modes;

use TruePupil\Core\Exposure\InvalidExposure;

/** Automatic ISO: the range it may use, and the slowest time it lets the camera reach before ISO rises, in seconds. */
final readonly class AutoIso
{
    public function __construct(public float $floor, public float $ceiling, public ?float $slowest = null)
    {
        foreach (['ISO floor' => $floor, 'ISO ceiling' => $ceiling, 'slowest time' => $slowest ?? 1.0] as $name => $value) {
            InvalidExposure::unlessPositive($name, $value);
        }
        if ($floor > $ceiling) {
            throw InvalidExposure::reversed('automatic ISO\'s range');
        }
    }
}
