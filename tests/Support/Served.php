<?php

declare(strict_types=1);

namespace Tests\Support;

use Symfony\Component\Process\Process;

/** Starts bin/serve and its neighbours as somebody would, in a folder of the test's own. */
trait Served
{
    private const OF_THE_MACHINE = ['PATH', 'HOME', 'USER', 'LOGNAME', 'SHELL', 'LANG', 'LC_ALL', 'TZ', 'TMPDIR'];

    private string $var;

    /** @var list<Process> */
    private array $started = [];

    protected function setUp(): void
    {
        $this->var =
            (getenv('PUPIL_VAR') ?: throw new \LogicException('Run this through bin/test.')).
            '/serve-'.
            bin2hex(random_bytes(3));
        // Whoever a copy steps down to passes through the folders of the run.
        for ($folder = dirname($this->var); str_contains($folder, '/var/'); $folder = dirname($folder)) {
            chmod($folder, 0711);
        }
    }

    protected function tearDown(): void
    {
        foreach ($this->started as $process) {
            $process->stop(15, SIGTERM);
        }
    }

    /** @return array{Process, int} */
    private function serve(string $var): array
    {
        $port = $this->freePort();
        $process = $this->start($var, ['PORT' => (string) $port, 'DEMO' => 'people']);
        $process->waitUntil(fn (): bool => str_contains($process->getOutput(), 'Ctrl-C stops it.'));
        $this->assertTrue($process->isRunning(), $process->getOutput().$process->getErrorOutput());

        return [$process, $port];
    }

    /** @param  array<string, string>  $environment */
    private function start(string $var, array $environment): Process
    {
        $process = $this->process('serve', $var, $environment);
        $process->start();

        return $this->started[] = $process;
    }

    /**
     * @param  array<string, string>  $environment
     * @param  list<string>  $arguments
     */
    private function process(string $script, string $var, array $environment = [], array $arguments = []): Process
    {
        // What this run, or a test before, has set is none of the served copy's business.
        $clean = array_fill_keys(array_diff(array_keys(getenv()), self::OF_THE_MACHINE), false);

        return new Process(
            [dirname(__DIR__, 2).'/bin/'.$script, ...$arguments],
            env: [...$clean, 'PUPIL_VAR' => $var, ...$environment],
            timeout: 120,
        );
    }

    private function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');

        return (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
    }
}
