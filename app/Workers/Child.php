<?php

declare(strict_types=1);

namespace App\Workers;

use RuntimeException;

/** One queue worker, and the job that it says it is at. */
final class Child
{
    /** Where a worker tells its supervisor what it is at. */
    public const PIPE = 3;

    private ?Lease $lease = null;

    private string $unread = '';

    /**
     * @param  resource  $process
     * @param  resource  $pipe
     */
    private function __construct(private $process, private $pipe, private readonly int $pid)
    {
    }

    /** @param  list<string>  $command */
    public static function start(array $command, string $log): self
    {
        // A worker whose supervisor is gone has nobody to prolong its job: it must not go on.
        $process = proc_open(
            ['setpriv', '--pdeathsig', 'KILL', '--', ...$command],
            [['file', '/dev/null', 'r'], ['file', $log, 'a'], ['file', $log, 'a'], self::PIPE => ['pipe', 'w']],
            $pipes,
            base_path(),
            ['PUPIL_SUPERVISED' => '1', ...getenv()],
        );
        if ($process === false) {
            throw new RuntimeException('A worker could not be started.');
        }
        stream_set_blocking($pipes[self::PIPE], false);

        return new self($process, $pipes[self::PIPE], proc_get_status($process)['pid']);
    }

    public function isRunning(): bool
    {
        return proc_get_status($this->process)['running'];
    }

    /** The job that it is at, if any. */
    public function lease(): ?Lease
    {
        $this->unread .= (string) stream_get_contents($this->pipe);
        while (($end = strpos($this->unread, "\n")) !== false) {
            $this->lease = Lease::read(substr($this->unread, 0, $end));
            $this->unread = substr($this->unread, $end + 1);
        }

        return $this->lease;
    }

    /** Lets it finish what it is at. */
    public function ask(): void
    {
        posix_kill($this->pid, SIGTERM);
    }

    public function kill(): void
    {
        posix_kill($this->pid, SIGKILL);
    }
}
