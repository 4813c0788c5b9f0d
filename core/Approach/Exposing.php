<?php

declare(strict_types=1);

namespace TruePupil\Core\Approach;

/** How bright a raw frame is taken where nothing is lost either way. */
enum Exposing: string
{
    case ForTheLook = 'for-the-look';
    case ToTheRight = 'to-the-right';

    public function label(): string
    {
        return match ($this) {
            self::ForTheLook => 'for the look of the picture',
            self::ToTheRight => 'as bright as the sensor holds, darkened afterwards',
        };
    }
}
