<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** What is installed, here and on a server, is what was tested: every package in the version of composer.pins. */
final class LibrariesTest extends TestCase
{
    private const ROOT = __DIR__.'/../..';

    public function test_what_is_installed_is_what_is_listed(): void
    {
        $installed = new Process(['php', 'bin/lib/pins.php'], self::ROOT);
        $installed->mustRun();

        $this->assertStringEqualsFile(self::ROOT.'/composer.pins', $installed->getOutput());
    }

    public function test_what_is_asked_for_is_asked_for_in_the_listed_version(): void
    {
        $wanted = json_decode((string) file_get_contents(self::ROOT.'/composer.json'), true);
        $asked = array_filter(
            [...$wanted['require'], ...$wanted['require-dev']],
            fn (string $name): bool => str_contains($name, '/'),
            ARRAY_FILTER_USE_KEY,
        );
        foreach ($asked as $name => $version) {
            $this->assertContains($name.' '.$version, $this->pins());
        }
        $this->assertGreaterThan(10, count($asked));
    }

    public function test_the_list_names_versions_and_no_place_to_fetch_them_from(): void
    {
        foreach ($this->pins() as $line) {
            $this->assertMatchesRegularExpression('~^[a-z0-9._-]+/[a-z0-9._-]+ \d[\w.+-]*$~', $line);
        }
    }

    public function test_a_bundle_is_taken_whole_and_unchanged_or_not_at_all(): void
    {
        $folder = sys_get_temp_dir().'/bundle-'.bin2hex(random_bytes(4));
        mkdir($folder.'/vendor/var', 0777, true);
        file_put_contents($folder.'/VERSION', "1.2.3\n");
        file_put_contents($folder.'/vendor/autoload.php', '<?php');
        $script = '. "$1"/bin/lib/common.sh; . "$1"/bin/lib/server.sh; cd "$2" || exit 1;
            [ -f BUNDLE ] || find . -type f ! -name BUNDLE | sort | xargs sha256sum >BUNDLE; check_bundle';
        $check = function () use ($script, $folder): array {
            $check = new Process(['bash', '-c', $script, 'bash', realpath(self::ROOT), $folder]);

            return [$check->run(), $check->getErrorOutput()];
        };

        $this->assertSame([0, ''], $check());
        mkdir($folder.'/var');
        file_put_contents($folder.'/var/kept', 'what a running copy keeps is no part of it');
        $this->assertSame([0, ''], $check());

        file_put_contents($folder.'/vendor/var/more.php', '<?php');
        $this->assertStringContainsString('not packed with it: ./vendor/var/more.php', $check()[1]);
        unlink($folder.'/vendor/var/more.php');
        file_put_contents($folder.'/vendor/autoload.php', '<?php evil();');
        $this->assertStringContainsString('not what was packed: ./vendor/autoload.php', $check()[1]);
        unlink($folder.'/vendor/autoload.php');
        [$code, $said] = $check();
        $this->assertSame(1, $code);
        $this->assertStringContainsString('./vendor/autoload.php', $said);
        (new Process(['rm', '-rf', $folder]))->run();
    }

    public function test_an_install_asks_for_every_listed_version(): void
    {
        $script = '. bin/lib/common.sh; cd "$1" || exit 1
            composer() { printf "%s\n" "$@" >asked; mkdir -p vendor; touch vendor/autoload.php; }
            install_libraries && install_libraries';
        $folder = sys_get_temp_dir().'/pins-'.bin2hex(random_bytes(4));
        mkdir($folder);
        file_put_contents($folder.'/composer.json', '{}');
        file_put_contents($folder.'/composer.pins', "a/one 1.2.3\nb/two 4.5\n");
        $install = new Process(['bash', '-c', $script, 'bash', $folder], self::ROOT);
        $install->mustRun();

        $asked = (string) file_get_contents($folder.'/asked');
        $this->assertStringContainsString("--with\na/one:1.2.3\n--with\nb/two:4.5\n", $asked);
        $this->assertSame(1, substr_count($install->getOutput(), 'Installing'), 'the same list is not installed twice');
        (new Process(['rm', '-rf', $folder]))->run();
    }

    /** @return list<string> */
    private function pins(): array
    {
        return file(self::ROOT.'/composer.pins', FILE_IGNORE_NEW_LINES) ?: [];
    }
}
