<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\Support\Served;

/** What an operator is given: settings that are documented and kept, units that are hardened, scripts that parse. */
final class DeployTest extends TestCase
{
    use Served;

    private const ROOT = __DIR__.'/../..';

    public function test_every_setting_is_documented_and_every_documented_one_is_read(): void
    {
        $read = [];
        foreach ([...glob(self::ROOT.'/config/*.php') ?: [], self::ROOT.'/bin/lib/server.sh'] as $file) {
            preg_match_all("/(?:env\('|own )([A-Z_]+)/", (string) file_get_contents($file), $found);
            array_push($read, ...$found[1]);
        }
        $example = (string) file_get_contents(self::ROOT.'/.env.example');
        preg_match_all('/^(?:# )?([A-Z][A-Z_]+)=/m', $example, $documented);
        $this->assertEqualsCanonicalizing(array_values(array_unique($read)), $documented[1]);
    }

    public function test_settings_are_read_in_one_place(): void
    {
        $files = new Process(
            ['grep', '-rlE', '\benv\(', 'app', 'core', 'routes', 'resources/views', 'bootstrap/app.php'],
            self::ROOT,
        );
        $files->run();
        $this->assertSame('', $files->getOutput(), 'a cached configuration knows nothing of env()');
    }

    public function test_what_an_operator_set_stays_and_counts(): void
    {
        mkdir($this->var.'/one', 0777, true);
        $own = "# Ours.\nAPP_URL=https://courses.example\nTRUSTED_HOSTS=www.courses.example\n".
            "PUPIL_WATCH_TOKEN=a-token\nAPP_KEY=base64:".base64_encode(str_repeat('k', 32))."\n";
        file_put_contents($this->var.'/one/.env', $own);
        foreach ([1, 2] as $start) {
            [$process, $port] = $this->serve($this->var.'/one');
            $this->assertStringStartsWith($own, (string) file_get_contents($this->var.'/one/.env'));
            [$status, $page] = $this->ask($port, '/sign-in', 'courses.example');
            $this->assertSame(200, $status);
            $this->assertStringContainsString('https://courses.example', $page);
            $this->assertStringNotContainsString('http://courses.example', $page);
            $this->assertSame(200, $this->ask($port, '/sign-in', 'www.courses.example')[0]);
            $this->assertSame(400, $this->ask($port, '/sign-in', 'evil.example')[0]);
            // A balancer and a monitor ask by address.
            $this->assertSame(200, $this->ask($port, '/healthz', '10.1.2.3')[0]);
            $process->signal(SIGTERM);
            $process->wait();
        }
    }

    /** @return array{int, string} */
    private function ask(int $port, string $path, string $host): array
    {
        $page = (string) file_get_contents('http://127.0.0.1:'.$port.$path, false, stream_context_create([
            'http' => ['header' => 'Host: '.$host, 'ignore_errors' => true],
        ]));

        return [(int) explode(' ', $http_response_header[0])[1], $page];
    }

    /** @return iterable<string, array{string}> */
    public static function scripts(): iterable
    {
        foreach (['bin/*', 'bin/lib/*.sh', 'tests/Load/*'] as $where) {
            foreach (glob(self::ROOT.'/'.$where) ?: [] as $file) {
                if (is_file($file) && ! str_ends_with($file, '.php')) {
                    yield substr($file, strlen(self::ROOT) + 1) => [$file];
                }
            }
        }
    }

    #[DataProvider('scripts')]
    public function test_every_script_parses(string $file): void
    {
        $parsed = new Process(['bash', '-n', $file]);
        $this->assertSame(0, $parsed->run(), $parsed->getErrorOutput());
    }

    public function test_every_part_runs_without_privileges_and_sees_its_own_folders_alone(): void
    {
        $hardening = (string) file_get_contents(self::ROOT.'/deploy/systemd/hardening.conf');
        foreach (
            [
                'User=true-pupil',
                'NoNewPrivileges=yes',
                'CapabilityBoundingSet=',
                'ProtectSystem=strict',
                'ProtectHome=yes',
                'PrivateTmp=yes',
                'PrivateDevices=yes',
            ] as $line
        ) {
            $this->assertStringContainsString("\n".$line."\n", $hardening);
        }
        // Parsers would not be shut in: both are for the web server, which parses nothing.
        $web = (string) file_get_contents(self::ROOT.'/deploy/systemd/web-hardening.conf');
        foreach (['ProtectHostname=yes', 'RestrictSUIDSGID=yes', 'ProtectKernelTunables=yes'] as $line) {
            $this->assertStringNotContainsString("\n".$line."\n", $hardening);
            $this->assertStringContainsString("\n".$line."\n", $web);
        }
        foreach (glob(self::ROOT.'/deploy/systemd/true-pupil-*.service*') ?: [] as $unit) {
            $text = (string) file_get_contents($unit);
            $this->assertDoesNotMatchRegularExpression('/^(User|Group|NoNewPrivileges|ProtectSystem)=/m', $text, $unit);
            $isOnce = str_contains($text, 'Type=oneshot');
            $this->assertSame(! $isOnce, str_contains($text, 'Restart=always'), $unit);
            $this->assertTrue($isOnce || str_contains($text, 'MemoryMax='), $unit);
        }
        // The worker is given as long as its longest job.
        $worker = (string) file_get_contents(self::ROOT.'/deploy/systemd/true-pupil-worker.service.in');
        preg_match('/TimeoutStopSec=(\d+)/', $worker, $seconds);
        foreach (glob(self::ROOT.'/app/Jobs/*.php') ?: [] as $job) {
            preg_match('/\$timeout = (\d+)/', (string) file_get_contents($job), $timeout);
            $this->assertGreaterThan((int) ($timeout[1] ?? 0), (int) $seconds[1], $job);
        }
    }

    public function test_templates_are_filled_in_whole(): void
    {
        $names = [];
        foreach (glob(self::ROOT.'/deploy/{,nginx/,systemd/}*.in', GLOB_BRACE) ?: [] as $template) {
            preg_match_all('/@([A-Z_]+)@/', (string) file_get_contents($template), $found);
            array_push($names, ...$found[1]);
        }
        $scripts = implode('', array_map(
            fn (string $file): string => (string) file_get_contents(self::ROOT.'/'.$file),
            ['bin/lib/common.sh', 'bin/lib/server.sh', 'bin/node'],
        ));
        foreach (array_unique($names) as $name) {
            $this->assertStringContainsString(' '.$name.'=', $scripts, $name.' is filled in by nobody');
        }
    }
}
