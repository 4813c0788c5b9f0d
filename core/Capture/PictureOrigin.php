<?php

declare(strict_types=1);

namespace TruePupil\Core\Capture;

/**
 * Where a picture comes from, if it is not one exposure of a camera in somebody's hands or on a support. Files seldom
 * say it; EXIF 2.32 has a tag for pictures that a camera put together (CompositeImage).
 */
enum PictureOrigin: string
{
    case Video = 'video';
    case Aerial = 'aerial';
    case Composite = 'composite';

    public function label(): string
    {
        return match ($this) {
            self::Video => 'a frame out of a video',
            self::Aerial => 'a camera in the air',
            self::Composite => 'several exposures put together in the camera',
        };
    }

    /** What its record can tell, and what it cannot. */
    public function explained(): string
    {
        return match ($this) {
            self::Video => 'A frame out of a video seldom carries aperture, time or ISO, and is smaller and more '.
                'compressed than a picture. What is measured in it counts; a time is usually no longer than the '.
                'video shows each frame.',
            self::Composite => 'Night modes, ranges and filters that a camera computes lay several exposures '.
                'over each other. The time in the record may be that of one of them or of all: nothing is '.
                'said of hands, and nothing of how far something moved.',
            self::Aerial => 'In the air nobody holds the camera: nothing is said of hands. Height and tilt stand in '.
                'no exposure record, and many such cameras have one aperture. Where one may fly is for local law '.
                'and permits.',
        };
    }

    /**
     * Of a file by its tag CompositeImage: 2 is put together, 3 while it was taken; anything else says nothing.
     */
    public static function ofTag(?int $compositeImage): ?self
    {
        return in_array($compositeImage, [2, 3], true) ? self::Composite : null;
    }
}
