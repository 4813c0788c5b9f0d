<?php

declare(strict_types=1);

namespace App\Csv;

use RuntimeException;

/**
 * The rows of a CSV file by PHP's own reader, so that a quoted cell may hold separators, quotes and line ends. Rows are
 * counted as a spreadsheet counts them: empty ones too, and a cell of several lines does not count twice.
 */
final class CsvReader
{
    private const BYTE_ORDER_MARK = "\xEF\xBB\xBF";

    /**
     * @param  string  $separator  found by separatorOf() where nobody says
     * @return array<int, list<string>> the cells by row, from 1; empty rows are left out
     */
    public static function rows(string $text, string $separator): array
    {
        $file = fopen('php://memory', 'w+') ?: throw new RuntimeException('There is no memory for a table.');
        fwrite($file, self::plain($text));
        rewind($file);
        $rows = [];
        for ($row = 1; ($cells = fgetcsv($file, null, $separator, escape: '')) !== false; $row++) {
            $cells = array_map(fn (?string $cell): string => trim((string) $cell), $cells);
            if (implode('', $cells) !== '') {
                $rows[$row] = $cells;
            }
        }
        fclose($file);

        return $rows;
    }

    /** Spreadsheets write semicolons where the comma marks decimals; the first line tells. */
    public static function separatorOf(string $text): string
    {
        $heading = (string) strtok(self::plain($text), "\r\n");

        return substr_count($heading, ';') > substr_count($heading, ',') ? ';' : ',';
    }

    private static function plain(string $text): string
    {
        $text = str_starts_with($text, self::BYTE_ORDER_MARK) ? substr($text, strlen(self::BYTE_ORDER_MARK)) : $text;

        // Lone carriage returns, as old spreadsheets end lines, are no line end to the reader.
        return str_replace(["\r\n", "\r"], "\n", mb_scrub($text));
    }
}
