<?php

declare(strict_types=1);

namespace App\Imaging;

use TruePupil\Core\Composition\Region;
use TruePupil\Core\Measure\Measures;

/** Measures one picture, and the marked subject in it. */
final readonly class FrameMeasurer
{
    public function __construct(private PixelEngine $pixels)
    {
    }

    /** @throws \TruePupil\Core\Capture\UnreadablePicture */
    public function measure(string $original, ?Region $subject): Measures
    {
        return Measures::of($this->pixels->read($original, $subject === null ? [] : [$subject]), $subject);
    }
}
