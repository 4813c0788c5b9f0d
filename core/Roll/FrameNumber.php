<?php

declare(strict_types=1);

namespace TruePupil\Core\Roll;

/** Numbers of frames as they stand at the edge of a film: 1 to 99, and 0, 00 or 12A as some cameras begin. */
final class FrameNumber
{
    public static function isOne(string $text): bool
    {
        return preg_match('/^(00|\d{1,2}A?)$/', $text) === 1;
    }

    /** Where it comes in the order of the film: 00, 0, 0A, 1, 1A, 2. */
    public static function rank(string $number): float
    {
        return $number === '00' ? -1.0 : (int) $number + (str_ends_with($number, 'A') ? 0.5 : 0.0);
    }

    /**
     * The number that a scan's file name ends with, as laboratories write them; null where there is none, or one that
     * no roll has.
     */
    public static function ofFile(string $name): ?string
    {
        $stem = pathinfo($name, PATHINFO_FILENAME);
        if (preg_match('/(?<![0-9])0*(\d{1,2})(A?)$/i', $stem, $found) !== 1 || ! ctype_digit($found[1])) {
            return null;
        }

        return $found[1] === '0' && preg_match('/00$/', $stem) === 1 && preg_match('/000$/', $stem) !== 1
            ? '00'
            : (int) $found[1].strtoupper($found[2]);
    }
}
