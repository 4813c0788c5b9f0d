<?php

declare(strict_types=1);

namespace App\Courses;

use TruePupil\Core\Checks\Verdict;

/** How each check came out: of one frame, or at worst over several. */
final readonly class CheckVerdicts
{
    /** From the best to the worst, for a check that several frames of an attempt answer. */
    private const RANK = [Verdict::Met, Verdict::Unknown, Verdict::Close, Verdict::Missed];

    /**
     * @param  array<string, Verdict>  $verdicts  by check
     * @param  array<string, string>  $sentences  what each check asks for
     */
    private function __construct(public array $verdicts, public array $sentences)
    {
    }

    /** @param  list<array<int|string, array<string, mixed>>>  $frames  the stored checks of each */
    public static function of(array $frames): self
    {
        [$verdicts, $sentences] = [[], []];
        foreach (array_merge(...array_map(array_values(...), $frames)) as $check) {
            $verdict = Verdict::from($check['verdict']);
            $id = (string) $check['id'];
            $worst = $verdicts[$id] ?? Verdict::Met;
            $verdicts[$id] = self::rank($verdict) > self::rank($worst) ? $verdict : $worst;
            $sentences[$id] = (string) $check['sentence'];
        }

        return new self($verdicts, $sentences);
    }

    /** How many came out in one way. */
    public function count(Verdict $verdict): int
    {
        return count(array_keys($this->verdicts, $verdict, true));
    }

    /** "3 met, 1 close, 2 missed": only what there is. */
    public function inWords(): string
    {
        $parts = [];
        foreach ([Verdict::Met, Verdict::Close, Verdict::Missed, Verdict::Unknown] as $verdict) {
            $count = $this->count($verdict);
            array_push($parts, ...$count === 0 ? [] : [$count.' '.$verdict->label()]);
        }

        return implode(', ', $parts);
    }

    private static function rank(Verdict $verdict): int
    {
        return (int) array_search($verdict, self::RANK, true);
    }
}
