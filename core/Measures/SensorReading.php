<?php

declare(strict_types=1);

namespace TruePupil\Core\Measures;

use TruePupil\Core\Composition\Region;
use TruePupil\Core\Tone\RawTones;

/** What a pixel engine takes from the sensor's own values of a camera raw file. */
final readonly class SensorReading
{
    /** @param  PixelSamples  $samples  of cells that hold all three channels, each by its code (RawCodes) */
    public function __construct(
        public RawTones $tones,
        private PixelSamples $samples,
        public SensorLight $light,
    ) {
    }

    /**
     * What the channels hold of a part; cameras' previews may show a few pixels less at the edges.
     *
     * @param  int  $enough  as PixelSamples::within() takes it
     */
    public function tonesIn(Region $region, int $enough = PixelSamples::ENOUGH): RawTones
    {
        $part = $this->samples->within($region, $enough);

        return RawTones::ofCounts($part->red, $part->green, $part->blue);
    }
}
