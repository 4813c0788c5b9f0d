<?php

declare(strict_types=1);

namespace TruePupil\Core\Series;

/** What can change between frames of one subject. */
enum SceneChange: string
{
    case Place = 'place';
    case Height = 'height';
    case Distance = 'distance';
    case FocalLength = 'focal-length';
    case Time = 'time';

    public function label(): string
    {
        return match ($this) {
            self::Place => 'the place to stand',
            self::Height => 'the height of the camera',
            self::Distance => 'the distance',
            self::FocalLength => 'the focal length',
            self::Time => 'the time',
        };
    }
}
