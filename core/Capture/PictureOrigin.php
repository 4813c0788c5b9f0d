<?php

declare(strict_types=1);

namespace TruePupil\Core\Capture;

/** Where a picture comes from, if it was not a camera in somebody's hands or on a support. No file says it. */
enum PictureOrigin: string
{
    case Video = 'video';
    case Aerial = 'aerial';

    public function label(): string
    {
        return match ($this) {
            self::Video => 'a frame out of a video',
            self::Aerial => 'a camera in the air',
        };
    }

    /** What its record can tell, and what it cannot. */
    public function explained(): string
    {
        return match ($this) {
            self::Video => 'A frame out of a video seldom carries aperture, time or ISO, and is smaller and more '.
                'compressed than a picture. What is measured in it counts; a time is usually no longer than the '.
                'video shows each frame.',
            self::Aerial => 'In the air nobody holds the camera: nothing is said of hands. Height and tilt stand in '.
                'no exposure record, and many such cameras have one aperture. Where one may fly is for local law '.
                'and permits.',
        };
    }
}
