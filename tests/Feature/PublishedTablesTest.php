<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Briefs\PublishedMeasures;
use App\Calculators\PublishedCalculators;
use App\Wording\MarkedTable;
use RuntimeException;
use Tests\TestCase;

final class PublishedTablesTest extends TestCase
{
    public function test_what_the_documents_list_is_what_there_is(): void
    {
        foreach ([...PublishedMeasures::documents(), ...PublishedCalculators::documents()] as $path => $document) {
            $this->assertStringEqualsFile(base_path($path), $document, 'php artisan pupil:formats writes '.$path);
        }
    }

    public function test_a_document_without_marks_is_told(): void
    {
        $this->assertSame(
            "a\n<!-- x -->\nnew\n<!-- end of x -->\nb\n",
            MarkedTable::fill("a\n<!-- x -->\nold\n<!-- end of x -->\nb\n", 'x', "new\n"),
        );
        $this->expectException(RuntimeException::class);
        MarkedTable::fill("a\n<!-- x -->\nold\nb\n", 'x', "new\n");
    }
}
