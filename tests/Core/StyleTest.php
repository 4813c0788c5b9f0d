<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use ReflectionClass;
use SplFileInfo;
use TruePupil\Core\Approach\Weights;

/** How every file of the project is written, as far as a machine can tell. */
final class StyleTest extends TestCase
{
    private const ROOT = __DIR__.'/../..';

    private const WIDEST = 120;

    /** Tables of numbers that are easier to read as they are. */
    private const NUMBER_TABLES = [];

    private const MOST_PARAMETERS = 10;

    /** @return iterable<string, array{string, string}> folder and ending of the files */
    public static function written(): iterable
    {
        foreach (['app', 'core', 'config', 'database', 'routes', 'tests', 'resources/views'] as $folder) {
            yield $folder => [$folder, 'php'];
        }
        yield 'scripts' => ['public/js', 'js'];
        yield 'styles' => ['public/css', 'css'];
    }

    #[DataProvider('written')]
    public function test_no_line_is_wider_than_the_screen_of_a_reader(string $folder, string $ending): void
    {
        $wide = [];
        foreach ($this->files($folder, $ending) as $path => $text) {
            foreach (explode("\n", $text) as $number => $line) {
                if (mb_strwidth($line) > self::WIDEST && ! in_array($path, self::NUMBER_TABLES, true)) {
                    $wide[] = sprintf('%s:%d has %d columns', $path, $number + 1, mb_strwidth($line));
                }
            }
        }
        $this->assertSame([], $wide);
    }

    public function test_every_browser_test_is_among_those_that_bin_test_runs_one_by_one(): void
    {
        foreach ($this->files('tests/Browser', 'php') as $path => $text) {
            if (str_ends_with($path, 'Test.php')) {
                $this->assertStringContainsString("\n#[Group('long')]\n", $text, $path.' would not be run');
            }
        }
    }

    public function test_styles_have_one_declaration_a_line(): void
    {
        foreach ($this->files('public/css', 'css') as $path => $text) {
            $plain = (string) preg_replace(['#/\*.*?\*/#s', '/url\([^)]*\)/'], '', $text);
            $this->assertDoesNotMatchRegularExpression('/;[ \t]*[a-z-]+[ \t]*:/', $plain, $path);
        }
    }

    public function test_a_value_that_grows_is_split_into_the_values_that_it_holds(): void
    {
        $long = [];
        foreach ([['core', 'TruePupil\\Core\\'], ['app', 'App\\']] as [$folder, $namespace]) {
            foreach ($this->files($folder, 'php') as $path => $text) {
                if (str_starts_with($path, 'app/Imaging/Vips/')) {
                    continue;
                }
                $name = $namespace.strtr(substr($path, strlen($folder) + 1, -4), '/', '\\');
                $constructor = class_exists($name) ? (new ReflectionClass($name))->getConstructor() : null;
                if ((int) $constructor?->getNumberOfParameters() > self::MOST_PARAMETERS) {
                    $long[] = $name;
                }
            }
        }
        // A table of numbers, each addressed by its name from a course's approach.
        $this->assertSame([Weights::class], $long);
    }

    public function test_views_hold_no_logic(): void
    {
        foreach ($this->files('resources/views', 'php') as $path => $text) {
            $this->assertStringNotContainsString('@php', $text, "$path has a block of PHP");
            $this->assertDoesNotMatchRegularExpression('/\bfn ?\(|\bfunction ?\(/', $text, "$path has a closure");
            $this->assertDoesNotMatchRegularExpression(
                '/::query\(|->(get|first|count|exists|pluck)\(\)->|\bDB::|\bapp\(/',
                $text,
                "$path asks the database or the container",
            );
        }
    }

    /** @return iterable<string, string> the text by path from the project's folder */
    private function files(string $folder, string $ending): iterable
    {
        $root = realpath(self::ROOT).'/';
        $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root.$folder));
        /** @var SplFileInfo $file */
        foreach ($files as $file) {
            if ($file->getExtension() === $ending && ! str_contains($file->getPathname(), '/Fixtures/')) {
                yield substr($file->getPathname(), strlen($root)) => (string) file_get_contents($file->getPathname());
            }
        }
    }
}
