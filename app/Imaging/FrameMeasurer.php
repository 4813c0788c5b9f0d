<?php

declare(strict_types=1);

namespace App\Imaging;

use TruePupil\Core\Composition\MarkKind;
use TruePupil\Core\Composition\Marks;
use TruePupil\Core\Measures\FrameMeasures;

/** Measures one picture, and what is marked in it. */
final readonly class FrameMeasurer
{
    public function __construct(private PixelEngine $pixels)
    {
    }

    /** @throws \TruePupil\Core\Capture\UnreadablePicture */
    public function measure(string $original, Marks $marks): FrameMeasures
    {
        return FrameMeasures::of(
            $this->pixels->read(
                $original,
                $marks->subject === null ? [] : [$marks->subject],
                $marks->first(MarkKind::Eye)?->points[0],
            ),
            $marks,
        );
    }
}
