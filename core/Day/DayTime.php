<?php

declare(strict_types=1);

namespace TruePupil\Core\Day;

use InvalidArgumentException;

/** Hours of a day as minutes after its midnight, and back. */
final class DayTime
{
    public const DAY = 1440;

    /** @throws InvalidArgumentException where the text is no hour of the day */
    public static function parse(string $text): int
    {
        if (preg_match('/^(\d{1,2})[:.](\d{2})$/', trim($text), $parts) !== 1 || $parts[1] > 23 || $parts[2] > 59) {
            throw new InvalidArgumentException(sprintf('"%s" is no hour. Write 16:30.', $text));
        }

        return 60 * (int) $parts[1] + (int) $parts[2];
    }

    public static function text(int $minute): string
    {
        $minute %= self::DAY;

        return sprintf('%02d:%02d', intdiv($minute, 60), $minute % 60);
    }

    public static function minutes(int $minutes): string
    {
        return $minutes === 1 ? '1 minute' : $minutes.' minutes';
    }
}
