<?php

declare(strict_types=1);

namespace TruePupil\Core\Brief;

/** Reads a limit as a photographer writes it: "1/60", "1⅓", "−½", "ƒ/5.6", "ISO 400", "2 %", "1/250 s". */
final class TypedNumber
{
    private const PARTS = ['½' => 1 / 2, '⅓' => 1 / 3, '⅔' => 2 / 3, '¼' => 1 / 4, '¾' => 3 / 4];

    private const UNITS = '/\s*(%|°|s|sec|mm|min|stops?|ev|px)$/iu';

    private const PREFIXES = '/^(ƒ\/|f\/|iso)\s*/iu';

    /** @return ?float null for what is no number */
    public static function parse(string $text): ?float
    {
        $plain = str_replace([',', '−', '–'], ['.', '-', '-'], trim($text));
        $plain = trim((string) preg_replace([self::PREFIXES, self::UNITS], '', $plain));
        if (is_numeric($plain)) {
            return (float) $plain;
        }
        if (preg_match('~^([+-]?)(\d+)/(\d+)$~', $plain, $part) === 1 && (int) $part[3] !== 0) {
            return self::signed($part[1], (int) $part[2] / (int) $part[3]);
        }
        if (preg_match('~^([+-]?)(\d*)([½⅓⅔¼¾])$~u', $plain, $part) === 1) {
            return self::signed($part[1], (int) $part[2] + self::PARTS[$part[3]]);
        }

        return null;
    }

    private static function signed(string $sign, float $size): float
    {
        return $sign === '-' ? -$size : $size;
    }
}
