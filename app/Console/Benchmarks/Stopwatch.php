<?php

declare(strict_types=1);

namespace App\Console\Benchmarks;

/** Runs a piece of work several times and keeps the median. */
final class Stopwatch
{
    /** @var list<array{string, string, string, string}> */
    private array $rows = [];

    public function __construct(private readonly int $runs)
    {
    }

    /** @return float median, seconds */
    public function time(string $what, callable $work): float
    {
        $seconds = [];
        memory_reset_peak_usage();
        for ($run = 0; $run < $this->runs; $run++) {
            $started = hrtime(true);
            $work();
            $seconds[] = (hrtime(true) - $started) / 1e9;
        }
        sort($seconds);
        $median = $seconds[intdiv($this->runs, 2)];
        $this->rows[] = [
            $what,
            $this->shown($median),
            $this->shown($seconds[count($seconds) - 1]),
            sprintf('%.0f MB', memory_get_peak_usage() / 1e6),
        ];

        return $median;
    }

    /** @return list<array{string, string, string, string}> */
    public function rows(): array
    {
        return $this->rows;
    }

    private function shown(float $seconds): string
    {
        return $seconds < 0.01 ? sprintf('%.2f ms', $seconds * 1000) : sprintf('%.3f s', $seconds);
    }
}
