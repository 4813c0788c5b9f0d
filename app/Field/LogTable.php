<?php

declare(strict_types=1);

namespace App\Field;

use App\Csv\CsvReader;
use App\Csv\SafeCell;
use InvalidArgumentException;
use RuntimeException;
use TruePupil\Core\Roll\FrameNumber;
use TruePupil\Core\Roll\LogLine;
use TruePupil\Core\Roll\RollLog;

/** The log of a roll as a table, out and in: a row a frame, the columns named as the fields. */
final class LogTable
{
    public static function write(RollLog $log): string
    {
        $file = fopen('php://temp', 'w+') ?: throw new RuntimeException('There is no room for a table.');
        fputcsv($file, ['frame', ...LogLine::FIELDS], escape: '');
        foreach ($log->lines as $number => $line) {
            fputcsv($file, array_map(SafeCell::of(...), [
                (string) $number,
                ...array_map(fn (string $field): string => $line->texts[$field] ?? '', LogLine::FIELDS),
            ]), escape: '');
        }
        rewind($file);
        $text = (string) stream_get_contents($file);
        fclose($file);

        return $text;
    }

    /**
     * @return array{log: array<array-key, array<string, string>>, problems: array<int, string>}
     *   texts by frame and field; what is wrong, by row
     *
     * @throws InvalidArgumentException where it is no such table
     */
    public static function read(string $text): array
    {
        $rows = CsvReader::rows($text, CsvReader::separatorOf($text));
        $heading = reset($rows) ?: [];
        unset($rows[array_key_first($rows) ?? 0]);
        if (! in_array('frame', $heading, true)) {
            throw new InvalidArgumentException(sprintf(
                'The first row has to name the columns: frame, and any of %s.',
                implode(', ', LogLine::FIELDS),
            ));
        }
        [$log, $problems] = [[], []];
        foreach ($rows as $index => $cells) {
            $row = array_combine($heading, array_slice(array_pad($cells, count($heading), ''), 0, count($heading)));
            $number = ltrim($row['frame'], "'");
            if (! FrameNumber::isOne($number)) {
                $problems[$index] = sprintf('"%s" is no frame of a roll.', $number);

                continue;
            }
            foreach (LogLine::FIELDS as $field) {
                $value = trim(ltrim($row[$field] ?? '', "'"));
                if ($value !== '') {
                    $log[$number][$field] = mb_substr($value, 0, 500);
                }
            }
        }

        return ['log' => $log, 'problems' => $problems];
    }
}
