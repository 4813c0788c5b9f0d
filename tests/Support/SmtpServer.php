<?php

declare(strict_types=1);

namespace Tests\Support;

use Symfony\Component\Process\Process;

/** A mail server on loopback that takes every mail and writes the whole conversation down. */
final readonly class SmtpServer
{
    private function __construct(public int $port, private string $file, private Process $process)
    {
    }

    public static function start(): self
    {
        $listening = stream_socket_server('tcp://127.0.0.1:0');
        $port = (int) substr(strrchr((string) stream_socket_get_name($listening, false), ':') ?: '', 1);
        fclose($listening);
        $file = sys_get_temp_dir().'/smtp-'.bin2hex(random_bytes(6));
        touch($file);
        $process = new Process([PHP_BINARY, __DIR__.'/smtp-server.php', (string) $port, $file]);
        $process->start();
        for ($tries = 0; $tries < 200 && @fsockopen('127.0.0.1', $port) === false; $tries++) {
            usleep(20_000);
        }

        return new self($port, $file, $process);
    }

    public function __destruct()
    {
        $this->process->stop(1);
        @unlink($this->file);
    }

    /** @return list<string> conversations in which a mail was handed over */
    public function received(): array
    {
        return array_values(
            array_filter(
                explode("\x1e", (string) file_get_contents($this->file)),
                fn (string $talk): bool => str_contains($talk, 'DATA'),
            ),
        );
    }
}
