<?php

declare(strict_types=1);

namespace Tests\Core;

use PhpToken;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** core/ depends on nothing outside itself: no framework, no files, no clock, no chance, no output. */
final class ArchitectureTest extends TestCase
{
    private const FORBIDDEN_FUNCTIONS = [
        'file_get_contents',
        'file_put_contents',
        'fopen',
        'readfile',
        'glob',
        'scandir',
        'is_file',
        'exec',
        'shell_exec',
        'proc_open',
        'system',
        'curl_init',
        'fsockopen',
        'time',
        'microtime',
        'hrtime',
        'date',
        'mktime',
        'strtotime',
        'random_int',
        'random_bytes',
        'rand',
        'mt_rand',
        'getenv',
        'config',
        'app',
        'now',
        'print_r',
        'var_dump',
        'header',
        'session_start',
    ];

    public function test_every_name_used_in_core_is_core_s_own_or_php_s(): void
    {
        foreach ($this->coreFiles() as $path => $tokens) {
            $declared = $this->namespaceOf($tokens);
            $this->assertStringStartsWith('TruePupil\\Core', $declared, $path);
            foreach ($tokens as $index => $token) {
                if (! $token->is([T_NAME_QUALIFIED, T_NAME_FULLY_QUALIFIED])) {
                    continue;
                }
                $name = ltrim($token->text, '\\');
                $before = $tokens[$index - 2] ?? null;
                $belongs = str_starts_with($name, 'TruePupil\\Core') || ! str_contains($name, '\\');
                $this->assertTrue($belongs || $before?->is(T_NAMESPACE), "$path uses $name");
            }
        }
    }

    public function test_core_calls_nothing_that_reaches_outside(): void
    {
        foreach ($this->coreFiles() as $path => $tokens) {
            foreach ($tokens as $index => $token) {
                if (! $token->is(T_STRING) || ! in_array(strtolower($token->text), self::FORBIDDEN_FUNCTIONS, true)) {
                    continue;
                }
                $before = $tokens[$index - 1] ?? null;
                $after = $tokens[$index + 1] ?? null;
                // Methods and declarations of these names are core's own business.
                $own =
                    $before?->is([T_OBJECT_OPERATOR, T_NULLSAFE_OBJECT_OPERATOR, T_DOUBLE_COLON]) ||
                    ($tokens[$index - 2] ?? null)?->is(T_FUNCTION);
                $this->assertFalse(
                    $after?->text === '(' && ! $own,
                    "$path calls {$token->text}() on line {$token->line}",
                );
            }
        }
    }

    public function test_the_check_itself_sees_core(): void
    {
        $this->assertGreaterThan(50, count(iterator_to_array($this->coreFiles())));
    }

    /** @return iterable<string, list<PhpToken>> */
    private function coreFiles(): iterable
    {
        $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator(__DIR__.'/../../core'));
        /** @var SplFileInfo $file */
        foreach ($files as $file) {
            if ($file->getExtension() === 'php') {
                yield $file->getPathname() => PhpToken::tokenize((string) file_get_contents($file->getPathname()));
            }
        }
    }

    /** @param  list<PhpToken>  $tokens */
    private function namespaceOf(array $tokens): string
    {
        foreach ($tokens as $index => $token) {
            if ($token->is(T_NAMESPACE)) {
                return $tokens[$index + 2]->text;
            }
        }

        return '';
    }
}
