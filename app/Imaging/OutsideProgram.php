<?php

declare(strict_types=1);

namespace App\Imaging;

use Closure;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

/** Runs one of the outside programs. Arguments are passed as they are, never through a shell. */
final readonly class OutsideProgram
{
    public function __construct(private string $program, private float $seconds)
    {
    }

    /**
     * @param  list<string>  $arguments
     * @param  ?string  $refuse  a pattern: a warning that fits it counts as a failure
     *
     * @throws OutsideProgramFailed when the program is missing, takes too long or says no
     */
    public function run(array $arguments, ?string $refuse = null, ?string $input = null): string
    {
        return $this->begin($arguments, $refuse, $input)();
    }

    /**
     * Starts the program and goes on; what is given back waits for its answer.
     *
     * @param  list<string>  $arguments
     * @param  ?string  $refuse  a pattern: a warning that fits it counts as a failure
     * @return Closure(): string throws OutsideProgramFailed when the program is missing, takes too long or says no
     */
    public function begin(array $arguments, ?string $refuse = null, ?string $input = null): Closure
    {
        $process = new Process(
            [$this->program, ...$arguments],
            env: ['VIPS_CONCURRENCY' => '2'],
            input: $input,
            timeout: $this->seconds,
        );
        $process->start();

        return fn (): string => $this->finish($process, $refuse);
    }

    /** @throws OutsideProgramFailed */
    private function finish(Process $process, ?string $refuse): string
    {
        try {
            $process->wait();
        } catch (ProcessTimedOutException) {
            throw new OutsideProgramFailed(
                sprintf('%s took longer than %d s', basename($this->program), $this->seconds),
            );
        }
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
