<?php

declare(strict_types=1);

namespace Tests\Feature;

use PhpToken;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;
use Tests\TestCase;

/** Nobody changes what is said of a frame and forgets to say so: then older frames would not be judged again. */
final class RulesVersionTest extends TestCase
{
    /** What findings, checks and suggestions come from. */
    private const ROOMS = ['Adviser', 'Checks', 'Critique', 'Findings', 'Kit', 'Retake', 'Situation'];

    public function test_rules_that_changed_have_a_new_version_or_a_reason(): void
    {
        $found = self::fingerprint();

        $this->assertSame(
            $found,
            config('pupil.rules_fingerprint'),
            'The rules have changed. If anything else is said of a frame now, raise rules_version in config/pupil.php; '
                ."either way write '$found' beside it.",
        );
    }

    public function test_comments_and_spaces_are_no_rules(): void
    {
        $of = fn (string $code): string => self::meaning("<?php\n".$code);

        $this->assertSame($of('$a = 1;'), $of("/** One. */\n\$a   =\n    1; // so"));
        $this->assertNotSame($of('$a = 1;'), $of('$a = 2;'));
    }

    private static function fingerprint(): string
    {
        $files = [];
        foreach (self::ROOMS as $room) {
            $folder = new RecursiveDirectoryIterator(base_path('core/'.$room), RecursiveDirectoryIterator::SKIP_DOTS);
            /** @var SplFileInfo $file */
            foreach (new RecursiveIteratorIterator($folder) as $file) {
                $files[substr($file->getPathname(), strlen(base_path()))] = $file->getPathname();
            }
        }
        ksort($files);
        $read = fn (string $path): string => self::meaning((string) file_get_contents($path));

        return substr(hash('sha256', implode("\n", array_map($read, $files))), 0, 16);
    }

    private static function meaning(string $code): string
    {
        $tokens = array_filter(PhpToken::tokenize($code), fn (PhpToken $token): bool => ! $token->isIgnorable());

        return implode(' ', array_map(fn (PhpToken $token): string => $token->text, $tokens));
    }
}
