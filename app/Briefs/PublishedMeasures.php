<?php

declare(strict_types=1);

namespace App\Briefs;

use App\Wording\MarkedTable;
use RuntimeException;
use TruePupil\Core\Checks\Measure;

/** What is published of the measures of checks, made from the measures themselves. */
final class PublishedMeasures
{
    private const HEAD = "| measure | unit | name | what exactly |\n|---|---|---|---|\n";

    /** @return array<string, string> the documents as they should be, by path from the project's folder */
    public static function documents(): array
    {
        $documents = [
            'docs/formats/brief.md' => self::inTable(...),
            'docs/formats/brief-pack.schema.json' => self::inSchema(...),
        ];
        foreach ($documents as $path => $written) {
            $documents[$path] = $written((string) file_get_contents(base_path($path)));
        }

        return $documents;
    }

    private static function inTable(string $document): string
    {
        $rows = implode('', array_map(self::row(...), MeasureChoices::all()));

        return MarkedTable::fill($document, 'measures', self::HEAD.$rows);
    }

    private static function row(Measure $measure): string
    {
        $unit = match (true) {
            $measure->words !== [] => 'word',
            default => $measure->unit ?: '–',
        };
        $words = implode(' ', array_keys($measure->words));

        return sprintf(
            "| `%s` | %s | %s | %s%s |\n",
            $measure->id,
            $unit,
            $measure->label,
            $measure->meaning,
            $words === '' ? '' : '; `'.$words.'`',
        );
    }

    private static function inSchema(string $document): string
    {
        $ids = array_map(fn (Measure $measure): string => '            "'.$measure->id.'"', MeasureChoices::all());
        $changed = preg_replace(
            '/("measure":\s*\{\s*"enum":\s*\[)[^\]]*(\])/',
            "$1\n".implode(",\n", $ids)."\n          $2",
            $document,
            1,
            $times,
        );

        return $times === 1 && $changed !== null
            ? $changed
            : throw new RuntimeException('The schema has lost its list of measures.');
    }
}
