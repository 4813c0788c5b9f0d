<?php

declare(strict_types=1);

namespace App\Courses;

/** In which order the desk's list stands. */
enum QueueOrder: string
{
    case Wait = 'wait';
    case Brief = 'brief';
    case Student = 'student';

    public function label(): string
    {
        return match ($this) {
            self::Wait => 'by waiting time',
            self::Brief => 'by brief',
            self::Student => 'by student',
        };
    }
}
