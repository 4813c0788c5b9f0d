<?php

declare(strict_types=1);

namespace TruePupil\Core\Kit;

/** What one press of the button takes. */
enum DriveMode: string
{
    case Single = 'single';
    case Continuous = 'continuous';
    case Bracket = 'bracket';

    /** From the words that files record. */
    public static function fromWords(string $words): ?self
    {
        return match (true) {
            preg_match('/bracket/i', $words) === 1 => self::Bracket,
            preg_match('/continuous|burst|high[- ]speed|low[- ]speed/i', $words) === 1,
            // Frames that were kept from before the press are a burst, too.
            preg_match('/pre[- ]?(capture|release|shot)/i', $words) === 1 => self::Continuous,
            preg_match('/single/i', $words) === 1 => self::Single,
            default => null,
        };
    }
}
