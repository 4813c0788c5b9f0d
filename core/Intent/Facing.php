<?php

declare(strict_types=1);

namespace TruePupil\Core\Intent;

/** Where the subject looks, goes or points. */
enum Facing: string
{
    case Left = 'left';
    case Right = 'right';
    case Camera = 'camera';

    public function label(): string
    {
        return match ($this) {
            self::Left => 'to the left',
            self::Right => 'to the right',
            self::Camera => 'towards the camera, or away from it',
        };
    }
}
