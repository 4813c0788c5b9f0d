<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

/** What comes nearest when nothing meets every demand: least missed in stops, and what it misses. */
final readonly class NearestMiss
{
    /** A missed demand weighs this much more than any preference. */
    private const MISS = 10.0;

    public function __construct(private AdviceRequest $request, private Search $search)
    {
    }

    /** @return list<Candidate> the best that misses each kind of demand most, the best of all first */
    public function candidates(): array
    {
        $isTooDark = (LightGap::of($this->request, $this->search)->missing ?? 0.0) > 0;
        $best = [];
        foreach ($this->search->setups as $setup) {
            // Where light is missing already, a filter only takes more.
            if (! $isTooDark || $setup->filter === 0.0) {
                $this->weigh($setup, $best);
            }
        }
        usort($best, fn (Candidate $a, Candidate $b): int => $a->cost <=> $b->cost);

        return array_slice($best, 0, 3);
    }

    /** @param  array<string, Candidate>  $best  by the demand that it misses most */
    private function weigh(Setup $setup, array &$best): void
    {
        $demands = $setup->demands;
        $grid = new Grid($this->request->kit->body->limits->increment);
        $light = $setup->light($this->request);
        $fixed = $this->search->fixedCost($setup);
        $isos = array_map(
            fn (float $sv): array => [$sv, $this->search->isoCost($demands, $sv)],
            $grid->isos($demands->iso->lowest, $demands->iso->highest),
        );
        $body = $grid->times($demands->time->slowest, $demands->time->fastest);
        $wished = $demands->tvFrom() <= $demands->tvTo() ? $grid->times($demands->tvFrom(), $demands->tvTo()) : [];
        if ($body === []) {
            return;
        }
        [$slowest, $fastest] = [min($body), max($body)];
        [$from, $to] = $wished === [] ? [$slowest, $fastest] : [min($wished), max($wished)];
        foreach ($grid->apertures($demands->aperture->widest, $demands->aperture->smallest) as $av) {
            $apertureCost = $fixed + $this->search->apertureCost($demands, $av);
            foreach ($isos as [$sv, $isoCost]) {
                $wanted = $light + $sv - $av;
                $forced = max($slowest, min($fastest, $grid->time($wanted)));
                $this->keep($setup, $av, $forced, $sv, $wanted, $apertureCost + $isoCost, $best);
                // And the nearest time that the other demands allow.
                if ($forced < $from || $forced > $to) {
                    $this->keep(
                        $setup,
                        $av,
                        max($from, min($to, $forced)),
                        $sv,
                        $wanted,
                        $apertureCost + $isoCost,
                        $best,
                    );
                }
            }
        }
    }

    /** @param  array<string, Candidate>  $best */
    private function keep(
        Setup $setup,
        float $av,
        float $tv,
        float $sv,
        float $wanted,
        float $preference,
        array &$best,
    ): void {
        $missed = $setup->missed($wanted, $av, $tv, $sv);
        $stops = array_map(abs(...), $missed);
        arsort($stops);
        $kind = array_key_first($stops);
        $cost = self::MISS * array_sum($stops) + $preference;
        if ($kind === null || (isset($best[$kind]) && $best[$kind]->cost <= $cost)) {
            return;
        }
        $best[$kind] = $setup->candidate($av, $tv, $sv, $cost, $missed);
    }
}
