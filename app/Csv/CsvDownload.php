<?php

declare(strict_types=1);

namespace App\Csv;

use RuntimeException;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** A table as a file for a spreadsheet, in which nothing is run as a formula. */
final class CsvDownload
{
    /** @param  list<list<string|int>>  $rows */
    public static function of(array $rows, string $file): StreamedResponse
    {
        return response()->streamDownload(
            function () use ($rows): void {
                $out = fopen('php://output', 'w') ?: throw new RuntimeException('No output.');
                foreach ($rows as $row) {
                    fputcsv(
                        $out,
                        array_map(
                            fn (string|int $cell): string|int => is_string($cell) ? SafeCell::of($cell) : $cell,
                            $row,
                        ),
                        escape: '',
                    );
                }
            },
            $file,
            ['Content-Type' => 'text/csv; charset=utf-8'],
        );
    }
}
