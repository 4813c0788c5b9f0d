<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

/**
 * Picks what to offer: the best there is, and up to two that differ from it in kind and gain something for what they
 * cost.
 */
final readonly class Alternatives
{
    private const OFFERED = 3;

    /** A difference of kind between settings: a whole stop. */
    private const WHOLE_STOP = 1 - 1e-6;

    public function __construct(private Search $search, private Wording $wording)
    {
    }

    /** @return array<string, Candidate> by kind, the best first; none when nothing meets every demand */
    public function pick(): array
    {
        $first = $this->search->bestOfAll();
        if ($first === null) {
            return [];
        }
        $others = [];
        foreach ($this->search->setups as $setup) {
            $kind = match (true) {
                $setup->choice !== $first->choice => 'other-lens',
                $setup->support !== $first->support => $setup->support->stopsSteadier() === null
                    ? 'support'
                    : 'other-support',
                $setup->filter !== $first->filter => $setup->filter > 0 ? 'filter' : 'no-filter',
                default => null,
            };
            $candidate = $kind === null ? null : $this->search->best($setup, $others[$kind]->cost ?? INF);
            if ($kind !== null && $candidate !== null) {
                $this->offer($others, $kind, $candidate, $first);
            }
        }
        $wanted = $first->demands->aperture;
        $candidates = $this->search->all(new Setup($first->choice, $first->demands, $first->support, $first->filter));
        foreach ($candidates as $candidate) {
            $kind = match (true) {
                $candidate->av - $first->av >= self::WHOLE_STOP && $wanted->separation === null => 'deeper',
                $first->sv - $candidate->sv >= self::WHOLE_STOP => 'cleaner',
                // Where nothing moves before a camera that stands, a shorter time is no gain.
                $candidate->tv - $first->tv >= self::WHOLE_STOP && $first->demands->time->look === null &&
                    ($first->demands->time->shake !== null || $first->demands->time->movement !== null) => 'safer',
                $first->av - $candidate->av >= self::WHOLE_STOP && $wanted->separation !== null => 'softer',
                default => null,
            };
            if ($kind !== null) {
                $this->offer($others, $kind, $candidate, $first);
            }
        }
        uasort($others, fn (Candidate $a, Candidate $b): int => $a->cost <=> $b->cost);

        return ['best' => $first, ...array_slice($others, 0, self::OFFERED - 1)];
    }

    /** @param  array<string, Candidate>  $others */
    private function offer(array &$others, string $kind, Candidate $candidate, Candidate $first): void
    {
        $isBetterOfKind = ! isset($others[$kind]) || $candidate->cost < $others[$kind]->cost;
        if ($isBetterOfKind && $this->wording->gainsOver($candidate, $first) !== []) {
            $others[$kind] = $candidate;
        }
    }
}
