<?php

declare(strict_types=1);

namespace TruePupil\Core\Approach;

/** How sharp movement must be. */
enum Sharpness: string
{
    case Relaxed = 'relaxed';
    case Usual = 'usual';
    case Strict = 'strict';

    public function label(): string
    {
        return match ($this) {
            self::Relaxed => 'relaxed: a little life in hands and hair does no harm',
            self::Usual => 'as usual: it looks still in a print',
            self::Strict => 'strict: it looks still on a screen up close',
        };
    }
}
