<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\Support\Served;

/** bin/serve as somebody starts it: it comes up, keeps to itself, says what is wrong, and leaves nothing running. */
final class ServeTest extends TestCase
{
    use Served;

    public function test_it_comes_up_keeps_to_itself_and_leaves_nothing_behind(): void
    {
        [$first, $port] = $this->serve($this->var.'/one');
        [$second, $otherPort] = $this->serve($this->var.'/two');
        $this->assertNotSame($port, $otherPort);
        foreach ([$port, $otherPort] as $served) {
            $ready = json_decode((string) file_get_contents('http://127.0.0.1:'.$served.'/readyz'), true);
            $this->assertSame('ready', $ready['status']);
            $this->assertSame([true, 2], [$ready['parts']['database']['ok'], $ready['parts']['workers']['workers']]);
        }
        $this->assertStringContainsString('maren@kilnyard.example', $first->getOutput());
        $this->assertNobodyIsRoot($this->var.'/one');

        $again = $this->start($this->var.'/one', ['PORT' => (string) $this->freePort()]);
        $again->wait();
        $this->assertSame(1, $again->getExitCode());
        $this->assertStringContainsString('running from this folder already', $again->getErrorOutput());

        $first->signal(SIGTERM);
        $first->wait();
        $this->assertSame(0, $first->getExitCode());
        $this->assertStringContainsString('Stopped.', $first->getOutput());
        $this->assertSame('', $this->processesOf($this->var.'/one'));
        $this->assertNotSame('', $this->processesOf($this->var.'/two'), 'the other copy goes on');
        $this->assertNotFalse(file_get_contents('http://127.0.0.1:'.$otherPort.'/sign-in'));

        // Killed outright, its children still go with it.
        posix_kill((int) $second->getPid(), SIGKILL);
        for ($try = 0; $try < 100 && $this->processesOf($this->var.'/two') !== ''; $try++) {
            usleep(100_000);
        }
        $this->assertSame('', $this->processesOf($this->var.'/two'));
        // And what was stored is there at the next start.
        [, $port] = $this->serve($this->var.'/two');
        $this->assertStringContainsString(
            'Sign in',
            (string) file_get_contents('http://127.0.0.1:'.$port.'/sign-in'),
        );
    }

    #[DataProvider('obstacles')]
    public function test_an_obstacle_gets_one_clear_sentence(callable $environment, string $says): void
    {
        $process = $this->start($this->var.'/obstacle', $environment());
        $process->wait();

        $this->assertSame(1, $process->getExitCode());
        $this->assertStringStartsWith('True Pupil: ', $process->getErrorOutput());
        $this->assertStringContainsString($says, $process->getErrorOutput());
        $this->assertSame('', $this->processesOf($this->var.'/obstacle'));
    }

    public static function obstacles(): iterable
    {
        yield 'a port in use' => [
            function (): array {
                static $holder;
                $holder = stream_socket_server('tcp://127.0.0.1:0');

                return ['PORT' => substr((string) strrchr((string) stream_socket_get_name($holder, false), ':'), 1)];
            },
            'is in use by another program',
        ];
        yield 'a port that is none' => [fn (): array => ['PORT' => 'eighty'], 'PORT must be a number'];
        yield 'a port beyond the last' => [fn (): array => ['PORT' => '70000'], 'between 1 and 65535'];
        yield 'a path with a space' => [fn (): array => ['PUPIL_VAR' => '/tmp/true pupil'], 'has a space in it'];
        yield 'a folder nobody can write' => [
            fn (): array => ['PUPIL_VAR' => '/proc/true-pupil'],
            'cannot write to /proc/true-pupil',
        ];
    }

    /** Started by root, it steps down; and a command that root runs beside it leaves nothing that is root's. */
    private function assertNobodyIsRoot(string $var): void
    {
        if (posix_geteuid() !== 0) {
            return;
        }
        $owners = [];
        foreach (glob('/proc/[0-9]*/environ') ?: [] as $path) {
            $environment = (string) @file_get_contents($path);
            if (str_contains($environment, 'PUPIL_VAR='.$var."\0") && str_contains($environment, 'STEPPED_DOWN=yes')) {
                $owners[] = @fileowner(dirname($path));
            }
        }
        // Pages, pictures, workers, clock.
        $this->assertGreaterThan(4, count($owners));
        $this->assertNotContains(0, $owners);
        touch($var.'/storage/logs/by-root.log');
        (new Process(['php', 'artisan', 'about'], dirname(__DIR__, 2), ['PUPIL_VAR' => $var]))->run();
        $this->assertSame(fileowner($var.'/storage'), fileowner($var.'/storage/logs/by-root.log'));
        $this->assertNotSame(0, fileowner($var.'/storage'));
    }

    /** Command lines of running processes that speak of a folder. */
    private function processesOf(string $folder): string
    {
        $found = new Process(['pgrep', '-af', $folder]);
        $found->run();

        return trim($found->getOutput());
    }
}
