<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use TruePupil\Core\Kit\Support;

/**
 * The exhaustive search: every lens at every focal length that frames, on every support, behind every filter, at every
 * aperture and ISO; the light then forces the time. What any demand bars is left out; the rest is scored in stops of
 * violated preference, so that the cheapest is the best there is.
 */
final readonly class Search
{
    private const HAIR = 1e-9;

    private Grid $grid;

    /** @var list<Setup> */
    public array $setups;

    public function __construct(private AdviceRequest $request)
    {
        $this->grid = new Grid($request->kit->body->limits->increment);
        $setups = [];
        foreach (LensChoice::all($request->kit, $request->intent) as $choice) {
            foreach ($request->kit->supports as $support) {
                $demands = Demands::of(
                    $request->kit->body,
                    $choice,
                    $request->intent,
                    $support,
                    $request->approach->handHeld->stops(),
                );
                foreach ($request->kit->filterSums() as $filter) {
                    $setups[] = new Setup($choice, $demands, $support, $filter);
                }
            }
        }
        // What costs least to carry first: it sets a bound that spares looking through the rest.
        usort($setups, fn (Setup $a, Setup $b): int => $this->fixedCost($a) <=> $this->fixedCost($b));
        $this->setups = $setups;
    }

    /** Whether anything meets every demand. */
    public function isPossible(): bool
    {
        foreach ($this->setups as $setup) {
            if ($this->best($setup) !== null) {
                return true;
            }
        }

        return false;
    }

    /** The cheapest of a setup that meets every demand and costs less than a bound, or null. */
    public function best(Setup $setup, float $bound = INF): ?Candidate
    {
        $best = null;
        $this->each(
            $setup,
            function (float $av, float $tv, float $sv, float $cost) use (&$best, &$bound): void {
                $bound = $cost;
                $best = [$av, $tv, $sv];
            },
            $bound,
        );

        return $best === null ? null : $setup->candidate($best[0], $best[1], $best[2], $bound);
    }

    /** The cheapest of all setups, or null. */
    public function bestOfAll(): ?Candidate
    {
        $best = null;
        foreach ($this->setups as $setup) {
            $best = $this->best($setup, $best->cost ?? INF) ?? $best;
        }

        return $best;
    }

    /** @return list<Candidate> everything in a setup that meets every demand */
    public function all(Setup $setup): array
    {
        $all = [];
        $any = INF;
        $this->each(
            $setup,
            function (float $av, float $tv, float $sv, float $cost) use ($setup, &$all): void {
                $all[] = $setup->candidate($av, $tv, $sv, $cost);
            },
            $any,
        );

        return $all;
    }

    /**
     * Calls back for each combination that meets every demand and costs less than the bound, which the callback may
     * lower.
     *
     * @param  callable(float, float, float, float): void  $found
     */
    private function each(Setup $setup, callable $found, float &$bound): void
    {
        [$demands, $weights] = [$setup->demands, $this->request->weights];
        [$from, $to] = [$demands->avFrom() - self::HAIR, $demands->avTo() + self::HAIR];
        [$slowest, $fastest] = [$demands->tvFrom() - self::HAIR, $demands->tvTo() + self::HAIR];
        $light = $this->request->light->value - $setup->filter;
        $fixed = $this->fixedCost($setup);
        if ($fixed >= $bound || $from > $to || $slowest > $fastest) {
            return;
        }
        $isos = [];
        foreach ($this->grid->isos($demands->iso->lowest, $demands->iso->ceiling) as $sv) {
            $isos[] = [$sv, $this->isoCost($demands, $sv)];
        }
        $count = count($isos);
        $lowest = $count === 0 ? 0.0 : $isos[0][0];
        foreach ($this->grid->apertures($demands->aperture->widest, $demands->aperture->smallest) as $av) {
            if ($av < $from || $av > $to) {
                continue;
            }
            $apertureCost = $fixed + $this->apertureCost($demands, $av);
            if ($apertureCost >= $bound) {
                continue;
            }
            // The times allowed leave only these ISOs, a dial's step either way for rounding.
            $least = $slowest - $light + $av - 0.5;
            $most = $fastest - $light + $av + 0.5;
            // ISO goes in thirds: straight to the first that can be.
            for ($i = max(0, (int) ceil(($least - $lowest) * 3 - 1e-6)); $i < $count; $i++) {
                [$sv, $isoCost] = $isos[$i];
                $cost = $apertureCost + $isoCost;
                // From base on, every further ISO only costs more.
                if ($sv > $most || ($cost >= $bound && $sv >= $demands->iso->base)) {
                    break;
                }
                if ($cost >= $bound) {
                    continue;
                }
                $wanted = $light + $sv - $av;
                $tv = $this->grid->time($wanted);
                if ($tv < $slowest || $tv > $fastest || abs($tv - $wanted) > Grid::BALANCED) {
                    continue;
                }
                if ($demands->time->shake !== null && $tv < $demands->time->shake + 1) {
                    $cost += $weights->nearShake * ($demands->time->shake + 1 - $tv);
                }
                if ($demands->time->look !== null && $tv < $demands->time->look - 1) {
                    $cost += $weights->beyondLook * ($demands->time->look - 1 - $tv);
                }
                if ($cost < $bound) {
                    $found($av, $tv, $sv, $cost);
                }
            }
        }
    }

    public function fixedCost(Setup $setup): float
    {
        $weights = $this->request->weights;
        $carrying = match ($setup->support) {
            Support::Hand => 0.0,
            Support::Braced => 0.2,
            Support::Monopod => 0.6,
            Support::Tripod => 1.0,
        };

        return $weights->framing * abs($setup->choice->framing) +
            $weights->tripod * $carrying +
            count($this->request->kit->filtersFor($setup->filter)) * $weights->filter;
    }

    public function isoCost(Demands $demands, float $sv): float
    {
        $weights = $this->request->weights;
        if ($sv < $demands->iso->base) {
            return $weights->belowBase * ($demands->iso->base - $sv);
        }

        return $weights->noise * ($sv - $demands->iso->base) +
            ($demands->iso->comfortable === null
                ? 0.0
                : $weights->uncomfortableNoise * max(0.0, $sv - $demands->iso->comfortable));
    }

    public function apertureCost(Demands $demands, float $av): float
    {
        $weights = $this->request->weights;
        $cost = abs($av - $demands->aperture->widest) < self::HAIR ? $weights->wideOpen : 0.0;
        $cost += $weights->diffraction * max(0.0, $av - $demands->aperture->print);
        if ($demands->aperture->pixel !== null) {
            $cost += $weights->pixelDiffraction * max(0.0, $av - $demands->aperture->pixel);
        }
        if ($this->request->taken !== null) {
            $cost += $weights->changedAperture * abs($av - $this->request->taken->apex());
        }
        if ($demands->aperture->depth !== null) {
            return $cost + $weights->spareDepth * max(0.0, $av - $demands->aperture->depth);
        }

        return $demands->aperture->separation !== null || $this->request->taken !== null
            ? $cost
            : $cost + $weights->awayFromAperture * abs($av - $weights->preferredAv);
    }
}
