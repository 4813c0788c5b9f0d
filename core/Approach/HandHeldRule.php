<?php

declare(strict_types=1);

namespace TruePupil\Core\Approach;

/** How strictly a course takes the rule of one over the focal length. */
enum HandHeldRule: string
{
    case Strict = 'strict';
    case Usual = 'usual';
    case Easy = 'easy';

    public function label(): string
    {
        return match ($this) {
            self::Strict => 'strict: half of one over the focal length',
            self::Usual => 'the usual one over the focal length',
            self::Easy => 'easy: steady hands hold twice as long',
        };
    }

    /** Stops by which hands hold longer than the usual rule has it. */
    public function stops(): float
    {
        return match ($this) {
            self::Strict => -1.0,
            self::Usual => 0.0,
            self::Easy => 1.0,
        };
    }
}
