<?php

declare(strict_types=1);

namespace App\Wording;

use RuntimeException;

/** A table in a document, between the marks `<!-- NAME -->` and `<!-- end of NAME -->`, that is made from the code. */
final class MarkedTable
{
    /** @throws RuntimeException where the document has lost the marks */
    public static function fill(string $document, string $name, string $table): string
    {
        [$begin, $end] = ["<!-- $name -->\n", "<!-- end of $name -->\n"];
        $parts = explode($begin, $document, 2);
        $rest = explode($end, $parts[1] ?? '', 2);
        if (count($parts) !== 2 || count($rest) !== 2) {
            throw new RuntimeException(sprintf('The table of %s has lost its marks.', $name));
        }

        return $parts[0].$begin.$table.$end.$rest[1];
    }
}
