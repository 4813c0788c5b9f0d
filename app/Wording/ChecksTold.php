<?php

declare(strict_types=1);

namespace App\Wording;

use TruePupil\Core\Checks\Verdict;

/** How checks came out, counted: all that were asked, those that cannot be told among them. */
final readonly class ChecksTold
{
    private const WORDS = [
        Verdict::Met->value => 'met',
        Verdict::Close->value => 'close',
        Verdict::Missed->value => 'missed',
        Verdict::Unknown->value => 'cannot be told',
    ];

    /** @param  array<string, int>  $counts  by verdict */
    private function __construct(private array $counts)
    {
    }

    /** @param  iterable<array<string, mixed>>  $checks  as frames store them */
    public static function of(iterable $checks): self
    {
        $counts = [];
        foreach ($checks as $check) {
            $verdict = (string) $check['verdict'];
            $counts[$verdict] = ($counts[$verdict] ?? 0) + 1;
        }

        return new self($counts);
    }

    public function count(Verdict $verdict): int
    {
        return $this->counts[$verdict->value] ?? 0;
    }

    public function asked(): int
    {
        return array_sum($this->counts);
    }

    /** "3 met, 1 missed, 1 cannot be told"; empty where nothing was asked. */
    public function inWords(): string
    {
        $said = [];
        foreach (self::WORDS as $verdict => $word) {
            if (isset($this->counts[$verdict])) {
                $said[] = $this->counts[$verdict].' '.$word;
            }
        }

        return implode(', ', $said);
    }

    /** "1 of 4 met; 3 not told", of all that were asked; empty where nothing was. */
    public function progress(): string
    {
        $untold = $this->count(Verdict::Unknown);

        return $this->asked() === 0 ? '' : sprintf(
            '%d of %d met%s',
            $this->count(Verdict::Met),
            $this->asked(),
            $untold === 0 ? '' : '; '.$untold.' not told',
        );
    }
}
