<?php

declare(strict_types=1);

namespace App\Kit;

use InvalidArgumentException;
use TruePupil\Core\Kit\Lens;

/** Lenses as a table with a heading, one a row (docs/formats/kit.md). */
final class LensCsv
{
    public const COLUMNS = ['name', 'minFocal', 'maxFocal', 'widestAtMin', 'widestAtMax', 'smallest', 'closestFocus', 'stabiliserStops'];

    /** Rows taken at most; nobody owns more. */
    private const MOST = 200;

    /** @param  list<Lens>  $lenses */
    public static function write(array $lenses): string
    {
        $file = fopen('php://memory', 'w+') ?: throw new \RuntimeException('No memory for a table.');
        fputcsv($file, self::COLUMNS, escape: '');
        foreach ($lenses as $lens) {
            fputcsv($file, array_map(fn (string $column): string => self::cell((string) $lens->{$column}), self::COLUMNS), escape: '');
        }
        rewind($file);

        return (string) stream_get_contents($file);
    }

    /**
     * What can be read, and for each row that cannot be why.
     *
     * @return array{lenses: list<Lens>, problems: array<int, string>} problems by row, the heading being row 1
     *
     * @throws InvalidArgumentException when it is no such table at all
     */
    public static function read(string $text): array
    {
        $text = mb_scrub(str_starts_with($text, "\xEF\xBB\xBF") ? substr($text, 3) : $text);
        $lines = array_values(array_filter(preg_split('/\R/', $text) ?: [], fn (string $line): bool => trim($line) !== ''));
        if ($lines === []) {
            throw new InvalidArgumentException('The file is empty.');
        }
        // What spreadsheets write where the comma marks decimals.
        $separator = substr_count($lines[0], ';') > substr_count($lines[0], ',') ? ';' : ',';
        $heading = array_map(trim(...), array_map(strval(...), str_getcsv($lines[0], $separator, escape: '')));
        $missing = array_diff(['name', 'minFocal', 'widestAtMin'], $heading);
        if ($missing !== []) {
            throw new InvalidArgumentException(sprintf('The first row has to name the columns; missing: %s.', implode(', ', $missing)));
        }
        if (count($lines) - 1 > self::MOST) {
            throw new InvalidArgumentException(sprintf('The file has %d rows; %d are taken at most.', count($lines) - 1, self::MOST));
        }
        [$lenses, $problems] = [[], []];
        foreach (array_slice($lines, 1) as $index => $line) {
            $cells = str_getcsv($line, $separator, escape: '');
            $row = array_combine($heading, array_slice(array_pad(array_map(strval(...), $cells), count($heading), ''), 0, count($heading)));
            try {
                $lenses[] = self::lens($row, $separator === ';');
            } catch (InvalidArgumentException $problem) {
                $problems[$index + 2] = $problem->getMessage();
            }
        }

        return ['lenses' => $lenses, 'problems' => $problems];
    }

    /** @param  array<string, string>  $row */
    private static function lens(array $row, bool $commaIsDecimal): Lens
    {
        $name = trim(ltrim($row['name'] ?? '', "'"));
        if ($name === '' || mb_strlen($name) > 80) {
            throw new InvalidArgumentException('The name is empty or longer than 80 letters.');
        }
        $number = function (string $column, ?float $else) use ($row, $commaIsDecimal): float {
            $text = trim($row[$column] ?? '');
            if ($text === '' && $else !== null) {
                return $else;
            }
            $plain = $commaIsDecimal ? str_replace(',', '.', $text) : $text;

            return is_numeric($plain) ? (float) $plain : throw new InvalidArgumentException(sprintf('%s: "%s" is no number.', $column, $text));
        };
        $minFocal = $number('minFocal', null);
        $widest = $number('widestAtMin', null);

        return new Lens(
            $name, $minFocal, $number('maxFocal', $minFocal), $widest, $number('widestAtMax', $widest),
            $number('smallest', 22.0), $number('closestFocus', 0.0), $number('stabiliserStops', 0.0),
        );
    }

    /** A name that a spreadsheet would run as a formula is written as text. */
    private static function cell(string $text): string
    {
        return preg_match('/^[=+\-@\t\r]/', $text) === 1 && ! is_numeric($text) ? "'".$text : $text;
    }
}
