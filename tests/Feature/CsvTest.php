<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Csv\CsvReader;
use App\Csv\SafeCell;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Tables that spreadsheets write, and cells that a spreadsheet must not run. */
final class CsvTest extends TestCase
{
    public function test_quotes_hold_separators_quotes_and_line_ends(): void
    {
        $this->assertSame(
            [1 => ['name', 'note'], 2 => ['Marlpit, 50 mm', "two\nlines"], 3 => ['a "quoted" word', 'x']],
            CsvReader::rows("name,note\r\n\"Marlpit, 50 mm\",\"two\r\nlines\"\r\n\"a \"\"quoted\"\" word\",x\r\n", ','),
        );
    }

    public function test_rows_are_counted_as_a_spreadsheet_counts_them(): void
    {
        $this->assertSame(
            [1 => ['a', 'b'], 3 => ["1\n2", '3'], 5 => ['4', '5']],
            CsvReader::rows("a,b\n\n\"1\n2\",3\n,\n4,5", ','),
            'empty rows count, and a cell of two lines is one row',
        );
    }

    public function test_old_line_ends_and_byte_order_marks(): void
    {
        $this->assertSame(
            [1 => ['a', 'b'], 2 => ['1', '2']],
            CsvReader::rows("\xEF\xBB\xBFa;b\r1;2\r", ';'),
        );
    }

    public function test_the_separator_is_told_by_the_heading(): void
    {
        $this->assertSame(';', CsvReader::separatorOf("name;widest\nMarlpit;2,8"));
        $this->assertSame(',', CsvReader::separatorOf("name,widest\nMarlpit,2.8"));
        $this->assertSame(',', CsvReader::separatorOf('name'));
    }

    /** @return iterable<string, array{string, string}> */
    public static function cells(): iterable
    {
        foreach (['=1+1', '+SUM(A1)', '-cmd', '@SUM(A1)', "\t=1", "\r=1"] as $formula) {
            yield json_encode($formula) ?: $formula => [$formula, "'".$formula];
        }
        foreach (['Ina Structor', 'a=b', 'ina@kilnyard.example', '-1.3', '+2', ''] as $text) {
            yield "'$text'" => [$text, $text];
        }
    }

    #[DataProvider('cells')]
    public function test_what_a_spreadsheet_would_run_is_written_as_text(string $text, string $written): void
    {
        $this->assertSame($written, SafeCell::of($text));
    }
}
