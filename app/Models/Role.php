<?php

declare(strict_types=1);

namespace App\Models;

/** What a member is in a course. */
enum Role: string
{
    case Instructor = 'instructor';
    case Critic = 'critic';
    case Student = 'student';

    /** Instructor and guest critics see what is handed in, and write about it. */
    public function critiques(): bool
    {
        return $this !== self::Student;
    }

    public function label(): string
    {
        return match ($this) {
            self::Instructor => 'Instructor',
            self::Critic => 'Guest critic',
            self::Student => 'Student',
        };
    }
}
