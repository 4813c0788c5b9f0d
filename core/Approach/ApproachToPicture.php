<?php

declare(strict_types=1);

namespace TruePupil\Core\Approach;

/** How a course sets the camera and places the subject. */
final readonly class ApproachToPicture
{
    public function __construct(
        public LandscapeAperture $landscapeAperture = LandscapeAperture::Middle,
        public PlacingSubject $placing = PlacingSubject::CentreIsAChoice,
        public WhiteBalanceSetting $whiteBalance = WhiteBalanceSetting::Automatic,
        public Focusing $focusing = Focusing::SinglePoint,
    ) {
    }
}
