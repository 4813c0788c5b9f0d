<?php

declare(strict_types=1);

namespace App\Kits;

use App\Csv\CsvReader;
use App\Csv\SafeCell;
use InvalidArgumentException;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Kit\KitFormat;

/**
 * A kit as a table with a heading, one thing a row (docs/formats/kit.md). A table without the column "what" is one of
 * lenses.
 */
final class KitCsv
{
    /** The columns that each kind of thing uses, its name apart. */
    private const PARTS = [
        'body' => [
            'kind',
            'setsTime',
            'format',
            'pixels',
            'fastest',
            'slowest',
            'silentFastest',
            'flashSync',
            'isoMin',
            'isoBase',
            'isoNativeMax',
            'isoMax',
            'stepsPerStop',
            'stabiliserStops',
            'comfortableIso',
        ],
        'lens' => ['minFocal', 'maxFocal', 'widestAtMin', 'widestAtMax', 'smallest', 'closestFocus', 'stabiliserStops'],
        'support' => [],
        'filter' => ['stops'],
        'polariser' => [],
        'flash' => ['guideNumber', 'canBounce', 'highSpeedSync', 'distance', 'side', 'height'],
        'film' => ['boxSpeed', 'kind', 'reciprocity', 'yearsExpired', 'pushed', 'exposureIndex'],
    ];

    private const TIMES = ['fastest', 'slowest', 'silentFastest', 'flashSync'];

    private const WORDS = ['format', 'kind'];

    /** Written as yes or no. */
    private const SWITCHES = ['setsTime', 'canBounce', 'highSpeedSync'];

    /** Rows taken at most; nobody owns more. */
    private const MOST = 200;

    /** @return list<string> */
    public static function columns(): array
    {
        return array_values(array_unique(['what', 'name', ...array_merge(...array_values(self::PARTS))]));
    }

    /** @param  array<mixed>  $kit  as it is stored */
    public static function write(array $kit): string
    {
        $file = fopen('php://memory', 'w+') ?: throw new \RuntimeException('No memory for a table.');
        fputcsv($file, self::columns(), escape: '');
        foreach (self::things($kit) as $thing) {
            fputcsv(
                $file,
                array_map(fn (string $column): string => self::cell($column, $thing[$column] ?? null), self::columns()),
                escape: '',
            );
        }
        rewind($file);

        return (string) stream_get_contents($file);
    }

    /**
     * What can be read, and for each row that cannot be why.
     *
     * @return array{things: list<array<string, mixed>>, problems: array<int, string>}
     *   problems by row, counted as a spreadsheet counts them
     *
     * @throws InvalidArgumentException when it is no such table at all
     */
    public static function read(string $text): array
    {
        $separator = CsvReader::separatorOf($text);
        $rows = CsvReader::rows($text, $separator);
        if ($rows === []) {
            throw new InvalidArgumentException('The file is empty.');
        }
        $heading = reset($rows);
        unset($rows[array_key_first($rows)]);
        $missing = array_diff(
            in_array('what', $heading, true) ? ['name'] : ['name', 'minFocal', 'widestAtMin'],
            $heading,
        );
        if ($missing !== []) {
            throw new InvalidArgumentException(
                sprintf('The first row has to name the columns; missing: %s.', implode(', ', $missing)),
            );
        }
        if (count($rows) > self::MOST) {
            throw new InvalidArgumentException(
                sprintf('The file has %d rows; %d are taken at most.', count($rows), self::MOST),
            );
        }
        [$things, $problems] = [[], []];
        foreach ($rows as $number => $cells) {
            $row = array_combine($heading, array_slice(array_pad($cells, count($heading), ''), 0, count($heading)));
            try {
                $things[] = self::thing($row, $separator === ';');
            } catch (InvalidArgumentException $problem) {
                $problems[$number] = $problem->getMessage();
            }
        }

        return ['things' => $things, 'problems' => $problems];
    }

    /**
     * A kit with more things in it: what has a name takes the place of what had it, everything else stays.
     *
     * @param  array<mixed>  $kit  as it is stored
     * @param  list<array<string, mixed>>  $things
     * @return array<mixed>
     */
    public static function into(array $kit, array $things): array
    {
        foreach ($things as $thing) {
            $what = $thing['what'];
            $own = array_diff_key($thing, ['what' => true]);
            $kit = match ($what) {
                'body' => OwnBodies::with($kit, $own),
                'lens' => [
                    ...$kit,
                    'lenses' => array_values([
                        ...array_column($kit['lenses'] ?? [], null, 'name'),
                        $own['name'] => $own,
                    ]),
                ],
                'support' => [
                    ...$kit,
                    'supports' => array_values(array_unique([...$kit['supports'] ?? ['hand'], $own['name']])),
                ],
                'filter' => [
                    ...$kit,
                    'filters' => array_values(
                        array_unique([...array_map(floatval(...), $kit['filters'] ?? []), $own['stops']]),
                    ),
                ],
                'polariser' => [...$kit, 'polariser' => true],
                'flash' => [...$kit, 'flash' => [...$kit['flash'] ?? [], ...array_diff_key($own, ['name' => true])]],
                default => [...$kit, 'film' => $own],
            };
        }

        return $kit;
    }

    /**
     * @param  array<string, string>  $row
     * @return array<string, mixed>
     */
    private static function thing(array $row, bool $commaIsDecimal): array
    {
        $what = trim($row['what'] ?? 'lens');
        if (! isset(self::PARTS[$what])) {
            throw new InvalidArgumentException(
                sprintf('what: "%s" is none of %s.', $what, implode(', ', array_keys(self::PARTS))),
            );
        }
        $name = trim(ltrim($row['name'] ?? '', "'"));
        if (($name === '' && ! in_array($what, ['filter', 'polariser', 'flash'], true)) || mb_strlen($name) > 80) {
            throw new InvalidArgumentException('The name is empty or longer than 80 letters.');
        }
        $thing = ['what' => $what, 'name' => $name];
        foreach (self::PARTS[$what] as $column) {
            $text = trim($row[$column] ?? '');
            if ($text !== '') {
                $thing[$column] = self::value($column, $text, $commaIsDecimal);
            }
        }
        self::check($thing);

        return $thing;
    }

    private static function value(string $column, string $text, bool $commaIsDecimal): mixed
    {
        $plain = $commaIsDecimal ? str_replace(',', '.', $text) : $text;

        return match (true) {
            in_array($column, self::WORDS, true) => ltrim($text, "'"),
            in_array($column, self::SWITCHES, true) => self::switch($column, $text),
            in_array($column, self::TIMES, true) => ExposureTime::parse($plain)->nominal(),
            ! is_numeric($plain) => throw new InvalidArgumentException(
                sprintf('%s: "%s" is no number.', $column, $text),
            ),
            $column === 'pixels' => [(float) $plain],
            default => (float) $plain,
        };
    }

    private static function switch(string $column, string $text): bool
    {
        return match (mb_strtolower($text)) {
            'yes', 'true', '1' => true,
            'no', 'false', '0' => false,
            default => throw new InvalidArgumentException(
                sprintf('%s: "%s" is neither yes nor no.', $column, $text),
            ),
        };
    }

    /**
     * The core says what a thing of a kit may be.
     *
     * @param  array<string, mixed>  $thing
     */
    private static function check(array $thing): void
    {
        if ($thing['what'] === 'filter' && ! isset($thing['stops'])) {
            throw new InvalidArgumentException('stops: a filter needs how many it takes.');
        }
        $kit = self::into(['body' => ['name' => 'any', 'format' => '36x24'], 'supports' => ['hand']], [$thing]);
        KitFormat::read(Fields::of($kit));
    }

    /**
     * @param  array<mixed>  $kit
     * @return list<array<string, mixed>>
     */
    private static function things(array $kit): array
    {
        return array_values([
            ...array_map(fn (array $body): array => ['what' => 'body', ...$body], OwnBodies::all($kit)),
            ...array_map(fn (array $lens): array => ['what' => 'lens', ...$lens], $kit['lenses'] ?? []),
            ...array_map(
                fn (string $support): array => ['what' => 'support', 'name' => $support],
                $kit['supports'] ?? [],
            ),
            ...array_map(fn (float|int $stops): array => ['what' => 'filter', 'stops' => $stops], $kit['filters']
                ?? []),
            ...($kit['polariser'] ?? false) === true ? [['what' => 'polariser']] : [],
            ...isset($kit['flash']) ? [['what' => 'flash', ...$kit['flash']]] : [],
            ...isset($kit['film']) ? [['what' => 'film', ...$kit['film']]] : [],
        ]);
    }

    private static function cell(string $column, mixed $value): string
    {
        $value = is_array($value) ? reset($value) : $value;
        if (in_array($column, self::TIMES, true) && is_numeric($value)) {
            return str_replace(' s', '', (string) ExposureTime::of((float) $value));
        }
        if (in_array($column, self::SWITCHES, true) && is_bool($value)) {
            return $value ? 'yes' : 'no';
        }
        $text = is_scalar($value) ? (string) $value : '';

        return SafeCell::of($text);
    }
}
