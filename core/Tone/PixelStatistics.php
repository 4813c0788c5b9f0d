<?php

declare(strict_types=1);

namespace TruePupil\Core\Tone;

/** What a pixel engine counts over full-resolution pixels of a picture, or of a region of it, in sRGB. */
final readonly class PixelStatistics
{
    public function __construct(
        public Histogram $luminance,
        public Histogram $red,
        public Histogram $green,
        public Histogram $blue,
        /** Pixels in which all three channels are at LOST_FROM or above. */
        public int $lostHighlights,
        /** Pixels in which all three channels are at BLOCKED_TO or below. */
        public int $blockedShadows,
    ) {
    }
}
