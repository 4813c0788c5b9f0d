<?php

declare(strict_types=1);

namespace App\Calculators;

use App\Wording\MarkedTable;

/** The table of calculators in docs/commands.md, made from the calculators themselves. */
final class PublishedCalculators
{
    private const PATH = 'docs/commands.md';

    private const HEAD = "| name | what for | keys, with unit and ends | for instance |\n|---|---|---|---|\n";

    /** @return array<string, string> the document as it should be, by path from the project's folder */
    public static function documents(): array
    {
        $document = (string) file_get_contents(base_path(self::PATH));
        $rows = array_map(self::row(...), array_keys(Calculators::ofNumbers()), Calculators::ofNumbers());

        return [self::PATH => MarkedTable::fill($document, 'calculators', self::HEAD.implode('', $rows))];
    }

    private static function row(string $id, NumberCalculator $calculator): string
    {
        $sheet = $calculator->sheet();
        $example = $calculator->example();
        $given = array_map(
            fn (string $key, string $value): string => $key.'='.$value,
            array_keys($example->given),
            $example->given,
        );
        $gives = array_map(
            fn (string $path, mixed $value): string => $path.' '.json_encode(
                is_float($value) ? round($value, 5) : $value,
            ),
            array_keys($example->gives),
            $example->gives,
        );

        return sprintf(
            "| `%s` | %s | %s | `%s` → %s |\n",
            $id,
            $sheet->title,
            implode(', ', array_map(self::key(...), $sheet->fields)),
            implode(' ', $given),
            implode(', ', $gives),
        );
    }

    private static function key(SheetField $field): string
    {
        $words = array_filter([$field->unit, $field->choices === [] ? $field->ends() : 'a choice']);

        return '`'.$field->key.'`'.($words === [] ? '' : ' '.implode(', ', $words));
    }
}
