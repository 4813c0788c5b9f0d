<?php

declare(strict_types=1);

namespace TruePupil\Core\Kit;

/** How the camera focuses. */
enum FocusMode: string
{
    /** Focuses once and stays there. */
    case Single = 'single';
    /** Goes on focusing while the subject moves. */
    case Continuous = 'continuous';
    case Manual = 'manual';

    /** From the words that files record. Makers name the same two things differently. */
    public static function fromWords(string $words): ?self
    {
        return match (true) {
            preg_match('/AF-?C|continuous|servo AF|AI servo|tracking/i', $words) === 1 => self::Continuous,
            preg_match('/manual|^MF\b/i', $words) === 1 => self::Manual,
            preg_match('/AF-?S|single|one[- ]shot/i', $words) === 1 => self::Single,
            default => null,
        };
    }
}
