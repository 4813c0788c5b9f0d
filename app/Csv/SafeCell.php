<?php

declare(strict_types=1);

namespace App\Csv;

/** A cell of a table that somebody will open in a spreadsheet: what that would run as a formula is written as text. */
final class SafeCell
{
    public static function of(string $text): string
    {
        return preg_match('/^[=+\-@\t\r]/', $text) === 1 && ! is_numeric($text) ? "'".$text : $text;
    }
}
