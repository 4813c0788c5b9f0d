<?php

declare(strict_types=1);

namespace Tests\Core;

use PhpToken;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/**
 * Each room uses only rooms below it. The tables in docs/architecture.md say which; this test holds the code to them.
 */
final class RoomsTest extends TestCase
{
    private const ROOT = __DIR__.'/../..';

    /** Folder and namespace of the two houses. */
    private const HOUSES = ['core' => 'TruePupil\\Core\\', 'app' => 'App\\'];

    public function test_every_room_is_in_the_table_and_every_line_of_the_table_is_a_room(): void
    {
        foreach (array_keys(self::HOUSES) as $house) {
            $this->assertEqualsCanonicalizing($this->rooms($house), array_keys($this->law($house)), $house);
        }
    }

    public function test_the_table_goes_from_the_ground_up(): void
    {
        foreach (array_keys(self::HOUSES) as $house) {
            $below = [];
            foreach ($this->law($house) as $room => $allowed) {
                $this->assertSame(
                    [],
                    array_diff($allowed, $below),
                    "$house/$room may use only rooms above it in the table",
                );
                $below[] = $room;
            }
        }
    }

    public function test_no_room_uses_another_that_the_table_does_not_allow(): void
    {
        foreach (self::HOUSES as $house => $namespace) {
            $law = $this->law($house);
            foreach ($this->uses($house, $namespace) as $room => $used) {
                foreach ($used as $other => $where) {
                    $this->assertContains($other, $law[$room], "$where: $house/$room uses $house/$other");
                }
            }
        }
    }

    public function test_the_table_allows_nothing_that_nobody_needs(): void
    {
        foreach (self::HOUSES as $house => $namespace) {
            $uses = $this->uses($house, $namespace);
            foreach ($this->law($house) as $room => $allowed) {
                $unneeded = array_diff($allowed, array_keys($uses[$room] ?? []));
                $this->assertSame([], array_values($unneeded), "the table lets $house/$room use more than it does");
            }
        }
    }

    public function test_what_is_shown_is_used_by_nothing_that_judges(): void
    {
        foreach ($this->law('app') as $room => $allowed) {
            if (! in_array($room, ['Http', 'Console'], true)) {
                $this->assertNotContains('View', $allowed, $room);
            }
        }
    }

    public function test_models_ask_nobody_for_anything(): void
    {
        foreach ($this->files('app/Models') as $path => $code) {
            $this->assertDoesNotMatchRegularExpression('/\b(app|resolve|config|request|auth)\(/', $code, $path);
        }
    }

    public function test_jobs_call_an_action_and_hold_nothing_else(): void
    {
        foreach ($this->files('app/Jobs') as $path => $code) {
            $this->assertDoesNotMatchRegularExpression(
                '/use App\\\\(Models|Imaging)\\\\|DB::|->update\(/',
                $code,
                $path,
            );
        }
    }

    /** @return array<string, list<string>> which rooms each may use, from the ground up */
    private function law(string $house): array
    {
        $document = (string) file_get_contents(self::ROOT.'/docs/architecture.md');
        $found = preg_match('/<!-- rooms of '.$house.' -->(.*?)<!-- end -->/s', $document, $part);
        $this->assertSame(1, $found, "docs/architecture.md has no table of the rooms of $house/");
        $law = [];
        foreach (explode("\n", $part[1]) as $line) {
            if (preg_match('/^\| `(\w+)` \| [^|]* \| ([^|]*) \|$/u', $line, $cells) === 1) {
                preg_match_all('/\w+/', $cells[2], $names);
                $law[$cells[1]] = $names[0];
            }
        }

        return $law;
    }

    /** @return list<string> */
    private function rooms(string $house): array
    {
        $folders = glob(self::ROOT.'/'.$house.'/*', GLOB_ONLYDIR);

        return array_map(basename(...), $folders === false ? [] : $folders);
    }

    /** @return array<string, array<string, string>> for each room the other rooms that it names, and where */
    private function uses(string $house, string $namespace): array
    {
        $uses = [];
        foreach ($this->files($house) as $path => $code) {
            $room = explode('/', substr($path, strlen($house) + 1))[0];
            foreach (PhpToken::tokenize($code) as $token) {
                $name = $token->is([T_NAME_QUALIFIED, T_NAME_FULLY_QUALIFIED]) ? ltrim($token->text, '\\') : '';
                $other = str_starts_with($name, $namespace)
                    ? explode('\\', substr($name, strlen($namespace)))[0]
                    : $room;
                if ($other !== $room && preg_match('/^\w+$/', $other) === 1) {
                    $uses[$room][$other] ??= $path.':'.$token->line;
                }
            }
        }

        return $uses;
    }

    /** @return iterable<string, string> the code by path from the project's folder */
    private function files(string $folder): iterable
    {
        $root = realpath(self::ROOT).'/';
        $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root.$folder));
        /** @var SplFileInfo $file */
        foreach ($files as $file) {
            if ($file->getExtension() === 'php') {
                yield substr($file->getPathname(), strlen($root)) => (string) file_get_contents($file->getPathname());
            }
        }
    }
}
