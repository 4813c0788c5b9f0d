<?php

declare(strict_types=1);

namespace TruePupil\Core\Measures;

use TruePupil\Core\Composition\Region;

/** That the preview of a camera raw file was read, with the sensor's own values where they could be unpacked. */
final readonly class SensorPreview
{
    public function __construct(public ?SensorReading $sensor = null)
    {
    }

    /** @param  int  $enough  samples of the subject, as PixelSamples::within() takes it */
    public function measured(?Region $subject = null, int $enough = PixelSamples::ENOUGH): PreviewOf
    {
        return new PreviewOf(
            $this->sensor === null
                ? null
                : new RawMeasures(
                    $this->sensor->tones,
                    $subject === null ? null : $this->sensor->tonesIn($subject, $enough),
                ),
        );
    }
}
