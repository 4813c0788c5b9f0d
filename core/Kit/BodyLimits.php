<?php

declare(strict_types=1);

namespace TruePupil\Core\Kit;

use TruePupil\Core\Exposure\InvalidExposure;
use TruePupil\Core\Exposure\StopIncrement;

/** What a body's exposure can be set to. Times in seconds. */
final readonly class BodyLimits
{
    /** Where nobody entered it: the time at which nearly all bodies sync, s. */
    private const USUAL_SYNC = 1 / 160;

    /** The sensor's own sensitivity; what lies below gives up highlight range. */
    public float $isoBase;

    /**
     * @param  float  $isoMin  lowest ISO, extended values included
     * @param  float  $isoMax  highest ISO, extended values included
     * @param  ?float  $flashSync  fastest time at which a flash lights the whole frame
     * @param  ?float  $isoBase  by default 100, or the lowest where that is higher
     * @param  ?float  $isoNativeMax  above it ISO is only a brightening of the file
     * @param  StopIncrement  $increment  step of the dials
     * @param  ?float  $silentFastest  fastest time of the electronic shutter, where it has one
     */
    public function __construct(
        public float $fastest = 1 / 8000,
        public float $slowest = 30.0,
        public float $isoMin = 100.0,
        public float $isoMax = 25600.0,
        public ?float $flashSync = null,
        ?float $isoBase = null,
        public ?float $isoNativeMax = null,
        public StopIncrement $increment = StopIncrement::Third,
        public ?float $silentFastest = null,
    ) {
        $this->isoBase = $isoBase ?? max($isoMin, 100.0);
        $given = [
            'fastest time' => $fastest,
            'slowest time' => $slowest,
            'lowest ISO' => $isoMin,
            'highest ISO' => $isoMax,
            'flash sync time' => $flashSync,
            'base ISO' => $isoBase,
            'highest native ISO' => $isoNativeMax,
            'fastest silent time' => $silentFastest,
        ];
        foreach (array_filter($given, fn (?float $value): bool => $value !== null) as $name => $value) {
            InvalidExposure::unlessPositive($name, $value);
        }
        if ($fastest > $slowest || $isoMin > $isoMax) {
            throw InvalidExposure::reversed('the body\'s limits');
        }
    }

    /** The fastest time at which a flash lights the whole frame, s. */
    public function syncTime(): float
    {
        return $this->flashSync ?? self::USUAL_SYNC;
    }

    /** The fastest time with the shutter in use. */
    public function fastestWith(bool $silent): float
    {
        return $silent ? $this->silentFastest ?? $this->fastest : $this->fastest;
    }
}
