<?php

declare(strict_types=1);

namespace TruePupil\Core\Roll;

/** The log of a roll: its frames in the order of the film. */
final readonly class RollLog
{
    /** @param  array<array-key, LogLine>  $lines  by frame number, those in which something was written */
    private function __construct(public Roll $roll, public array $lines)
    {
    }

    /** @param  array<array-key, array<string, string>>  $values  texts by frame number and field */
    public static function of(Roll $roll, array $values): self
    {
        $lines = [];
        foreach ($values as $number => $texts) {
            if (FrameNumber::isOne((string) $number)) {
                $lines[$number] = LogLine::read((string) $number, $texts);
            }
        }
        uksort($lines, fn (int|string $a, int|string $b): int => FrameNumber::rank((string) $a) <=>
            FrameNumber::rank((string) $b));

        return new self($roll, $lines);
    }

    public function line(string $number): ?LogLine
    {
        return $this->lines[$number] ?? null;
    }

    /** The frame to write down next: after the last one that was; the first on an empty log, null on a full roll. */
    public function next(): ?string
    {
        $numbers = array_filter(array_keys($this->lines), fn (int|string $number): bool => is_int($number));
        $next = $numbers === [] ? 1 : max($numbers) + 1;

        return $next > $this->roll->frames ? null : (string) $next;
    }

    /** @return list<string> numbers of the roll, and those beyond that something was written for */
    public function numbers(): array
    {
        $numbers = array_values(array_unique(
            [...range(1, max(1, $this->roll->frames)), ...array_keys($this->lines)],
            SORT_REGULAR,
        ));
        $numbers = array_map(strval(...), $numbers);
        usort($numbers, fn (string $a, string $b): int => FrameNumber::rank($a) <=> FrameNumber::rank($b));

        return array_values(array_unique($numbers));
    }

    /** @return list<string> numbers before the last one written down for which nothing was */
    public function gaps(): array
    {
        $written = array_filter(array_keys($this->lines), is_int(...));

        return $written === []
            ? []
            : array_values(array_map(strval(...), array_diff(range(1, max(1, ...$written)), $written)));
    }
}
