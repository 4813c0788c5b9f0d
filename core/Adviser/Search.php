<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use TruePupil\Core\Intent\Framing;
use TruePupil\Core\Kit\Support;

/**
 * The exhaustive search: every lens at every focal length that frames, on every support, behind every filter, at every
 * aperture and ISO; the light then forces the time. What any demand bars is left out; the rest is scored in stops of
 * violated preference, so that the cheapest is the best there is.
 */
final readonly class Search
{
    private const HAIR = 1e-9;

    private const GROWING = 0.25;

    private Grid $grid;

    private bool $wantsSeries;

    /** @var list<Setup> */
    public array $setups;

    public function __construct(private AdviceRequest $request)
    {
        $this->grid = new Grid($request->kit->body->limits->increment);
        $this->wantsSeries = SeriesAdvice::isWanted($request);
        $setups = [];
        foreach (LensChoice::all($request->kit, $request->intent, $request->bounds) as $choice) {
            foreach ($request->kit->supports as $support) {
                if (! $request->bounds->allowsSupport($support)) {
                    continue;
                }
                $demands = Demands::of($request, $choice, $support);
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
        $light = $setup->light($this->request);
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
                $cost += $this->timeCost($demands, $tv);
                if ($cost < $bound) {
                    $found($av, $tv, $sv, $cost);
                }
            }
        }
    }

    /** What a time costs by itself: too near to what hands, subjects and shutters allow. */
    public function timeCost(Demands $demands, float $tv): float
    {
        [$weights, $time] = [$this->request->weights, $demands->time];
        $cost = 0.0;
        if ($time->shake !== null && $tv < $time->shake + 1) {
            $cost += $weights->nearShake * ($time->shake + 1 - $tv);
        }
        if ($time->unsteadied !== null && $tv < $time->unsteadied + 1) {
            $cost += $weights->onStabiliser * ($time->unsteadied + 1 - $tv);
        }
        if ($time->stirs && $time->movement !== null && $tv < $time->movement + 1) {
            $cost += $weights->nearMovement * ($time->movement + 1 - $tv);
        }
        if ($time->look !== null && $tv < $time->look - 1) {
            $cost += ($time->isLongAsGood ? $weights->longAsGood : $weights->beyondLook) * ($time->look - 1 - $tv);
        }

        return $tv < $time->bulb - self::HAIR ? $cost + $weights->bulb : $cost;
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

        $intent = $this->request->intent;
        $isStill = $intent->kind()?->standsStill() === true && ! $intent->contents->foliage;
        $held = $this->request->taken?->support;
        $sways = $this->wantsSeries && $setup->support->stopsSteadier() !== null;

        return $weights->framing * abs($setup->choice->framing) * $setup->choice->strictness +
            ($isStill ? $weights->tripodForStill : $weights->tripod) * $carrying +
            ($sways ? $weights->tripod : 0.0) +
            ($held !== null && $held !== $setup->support ? $weights->otherSupport : 0.0) +
            count($this->request->kit->filtersFor($setup->filter)) * $weights->filter;
    }

    public function isoCost(Demands $demands, float $sv): float
    {
        $weights = $this->request->weights;
        if ($sv < $demands->iso->base) {
            return $weights->belowBase * ($demands->iso->base - $sv);
        }

        return $weights->noise * self::growing($sv - $demands->iso->base) +
            ($demands->iso->comfortable === null
                ? 0.0
                : $weights->uncomfortableNoise * max(0.0, $sv - $demands->iso->comfortable));
    }

    public function apertureCost(Demands $demands, float $av): float
    {
        $weights = $this->request->weights;
        $preferred = $demands->aperture->preferred;
        // Where wide open is what is wanted, its softness is lived with.
        $cost = abs($av - $demands->aperture->widest) < self::HAIR && $preferred > $demands->aperture->widest + 0.5
            ? $weights->wideOpen
            : 0.0;
        $cost += $weights->diffraction * max(0.0, $av - $demands->aperture->print);
        if ($demands->aperture->pixel !== null) {
            $cost += $weights->pixelDiffraction * max(0.0, $av - $demands->aperture->pixel);
        }
        $taken = $this->request->taken?->aperture;
        if ($taken !== null) {
            $cost += $weights->changedAperture * abs($av - $taken->apex());
        }
        if ($demands->aperture->separation !== null) {
            return $cost;
        }
        if ($taken !== null) {
            return $demands->aperture->depth === null
                ? $cost
                : $cost + $weights->spareDepth * max(0.0, $av - $demands->aperture->depth);
        }

        $isGroup = $this->request->intent->contents->about->framing === Framing::Group;

        return $av < $preferred
            ? $cost + ($isGroup ? $weights->groupDepth : $weights->awayFromAperture) * self::growing($preferred - $av)
            : $cost + $weights->spareDepth * ($av - $preferred);
    }

    /** Stops that weigh more the more of them there are: a little of each is better than much of one. */
    private static function growing(float $stops): float
    {
        return $stops * (1 + self::GROWING * $stops);
    }
}
