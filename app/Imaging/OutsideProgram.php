<?php

declare(strict_types=1);

namespace App\Imaging;

use Closure;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

/**
 * Runs one of the outside programs, within limits and shut in. Arguments are passed as they are, never through a shell.
 */
final readonly class OutsideProgram
{
    /** Bytes of a file that any of them may write: the largest working copy is far smaller. */
    private const LARGEST_FILE = 400_000_000;

    /** What a program prints when a part of its answer is there and it goes on with the rest. */
    public const READY = "ready\n";

    /**
     * What they find in their environment. Memory in large pages saves a picture a twentieth of its time (GNU C Library
     * from 2.35; elsewhere without effect).
     */
    public const ENVIRONMENT = ['VIPS_CONCURRENCY' => '2', 'GLIBC_TUNABLES' => 'glibc.malloc.hugetlb=1'];

    /** @param  int  $bytes  of memory that it may ask for */
    public function __construct(
        private string $program,
        private float $seconds,
        private Sandbox $sandbox = new Sandbox(false),
        private string $prlimit = 'prlimit',
        private int $bytes = 2_000_000_000,
    ) {
    }

    /**
     * @param  list<string>  $arguments
     * @param  ?string  $refuse  a pattern: a warning that fits it counts as a failure
     * @param  list<string>  $reads  files that it is shown
     * @param  list<string>  $writes  files and folders that it may write to
     * @param  list<Closure(): void>  $meanwhile
     *   what is called while it goes on: one when it has been started, one each time that it has said READY
     *
     * @throws OutsideProgramFailed when the program is missing, takes too long or says no
     */
    public function run(
        array $arguments,
        ?string $refuse = null,
        ?string $input = null,
        array $reads = [],
        array $writes = [],
        array $meanwhile = [],
    ): string {
        $process = $this->started($arguments, $input, $reads, $writes);
        $said = '';
        foreach ($meanwhile as $times => $step) {
            $isReady = function (string $type = '', string $more = '') use ($times, &$said): bool {
                $said .= $type === Process::OUT ? $more : '';

                return substr_count($said, self::READY) >= $times;
            };
            if (! $isReady() && ! $this->inTime(fn (): bool => $process->waitUntil($isReady))) {
                break;
            }
            $step();
        }

        return $this->finish($process, $refuse);
    }

    /**
     * Starts the program and goes on; what is given back waits for its answer.
     *
     * @param  list<string>  $arguments
     * @param  list<string>  $reads  files that it is shown
     * @return Closure(): string throws OutsideProgramFailed when the program is missing, takes too long or says no
     */
    public function begin(array $arguments, array $reads = []): Closure
    {
        $process = $this->started($arguments, null, $reads, []);

        return fn (): string => $this->finish($process, null);
    }

    /**
     * @param  list<string>  $arguments
     * @param  list<string>  $reads
     * @param  list<string>  $writes
     */
    private function started(array $arguments, ?string $input, array $reads, array $writes): Process
    {
        $limits = [
            '--as='.$this->bytes,
            '--cpu='.(int) ceil($this->seconds * 2),
            '--fsize='.self::LARGEST_FILE,
            '--core=0',
        ];
        $process = new Process(
            $this->sandbox->around([$this->prlimit, ...$limits, '--', $this->program, ...$arguments], $reads, $writes),
            env: self::ENVIRONMENT,
            input: $input,
            timeout: $this->seconds,
        );
        $process->start();

        return $process;
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $wait
     * @return T
     *
     * @throws OutsideProgramFailed
     */
    private function inTime(Closure $wait): mixed
    {
        try {
            return $wait();
        } catch (ProcessTimedOutException) {
            throw new OutsideProgramFailed(
                sprintf('%s took longer than %d s', basename($this->program), $this->seconds),
            );
        }
    }

    /** @throws OutsideProgramFailed */
    private function finish(Process $process, ?string $refuse): string
    {
        $this->inTime(fn (): int => $process->wait());
        if (! $process->isSuccessful()) {
            throw new OutsideProgramFailed(
                trim($process->getErrorOutput()) ?:
                basename($this->program).' ended with code '.$process->getExitCode(),
            );
        }

        if ($refuse !== null && preg_match($refuse, $process->getErrorOutput(), $warning) === 1) {
            throw new OutsideProgramFailed($warning[0]);
        }

        return $process->getOutput();
    }
}
