<?php

declare(strict_types=1);

namespace TruePupil\Core\Kit;

/** What sort of camera it is, where that changes what can be said of it. */
enum BodyKind: string
{
    case Camera = 'camera';
    case Phone = 'phone';

    public function label(): string
    {
        return match ($this) {
            self::Camera => 'a camera',
            self::Phone => 'a telephone',
        };
    }
}
