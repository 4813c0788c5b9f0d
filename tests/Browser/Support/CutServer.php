<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Symfony\Component\Process\Process;
use Tests\Support\Served;

/** A server of a test's own, that can be cut and comes back. */
trait CutServer
{
    use Served {
        setUp as private prepareFolder;
        tearDown as private stopServers;
    }

    private string|false $usual;

    protected function setUp(): void
    {
        parent::setUp();
        $this->prepareFolder();
        $this->usual = getenv('PUPIL_TEST_URL');
    }

    protected function tearDown(): void
    {
        putenv('PUPIL_TEST_URL='.$this->usual);
        $this->stopServers();
        parent::tearDown();
    }

    /** Stops the server as a power cut would stop its work: what it kept stays on the disk. */
    private function cut(Process $server, int $port): void
    {
        $server->stop(20, SIGTERM);
        $this->browser()
            ->wait(20, 100)
            ->until(fn (): bool => @fsockopen('127.0.0.1', $port, timeout: 1) === false, 'the server is gone');
    }

    private function waitFor(int $port): void
    {
        $this->browser()
            ->wait(60, 200)
            ->until(
                fn (): bool => @file_get_contents('http://127.0.0.1:'.$port.'/healthz') !== false,
                'the server is back',
            );
    }
}
