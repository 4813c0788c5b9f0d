<?php

declare(strict_types=1);

namespace App\Field;

use App\Models\DaySheet;
use DateTimeZone;
use InvalidArgumentException;
use TruePupil\Core\Day\DayFormat;
use TruePupil\Core\Json\Fields;

/** A day's sheet as an open document, out and in: docs/formats/day-sheet.md. */
final class DayDocument
{
    /** @return array<string, mixed> with what was ticked and noted */
    public static function of(DaySheet $sheet): array
    {
        return [
            'format' => DayFormat::FORMAT,
            'version' => DayFormat::VERSION,
            ...$sheet->content,
            'notes' => (object) $sheet->notebook()->values(),
        ];
    }

    /**
     * @return array<string, mixed> as a sheet is stored; notes in a document are another day's, and are left out
     *
     * @throws InvalidArgumentException naming what is wrong
     */
    public static function read(string $json): array
    {
        $fields = Fields::parse($json);
        if ($fields->raw('format') !== DayFormat::FORMAT || $fields->raw('version') !== DayFormat::VERSION) {
            throw new InvalidArgumentException(sprintf(
                'The file is no day\'s sheet: it should say "format": "%s" and "version": %d.',
                DayFormat::FORMAT,
                DayFormat::VERSION,
            ));
        }
        DayFormat::read($fields, new DateTimeZone('UTC'));
        $text = fn (mixed $value): string => is_scalar($value) ? mb_substr(trim((string) $value), 0, 200) : '';
        $lines = fn (string $list, array $names): array => array_map(
            // What is not said is left out: an empty kind is none.
            fn (Fields $part): array => array_filter(array_combine(
                $names,
                array_map(fn (string $name): string => $text($part->raw($name)), $names),
            ), fn (string $one): bool => $one !== ''),
            $fields->parts($list),
        );
        $head = ['title', 'date', 'begins', 'ends', 'lat', 'lon'];

        return [
            ...array_combine($head, array_map(fn (string $name): string => $text($fields->raw($name)), $head)),
            'scouting' => $lines('scouting', ['id', 'kind', 'text']),
            'shots' => $lines(
                'shots',
                ['id', 'kind', 'title', 'minutes', 'at', 'bearing', 'settings', 'safe'],
            ),
        ];
    }
}
