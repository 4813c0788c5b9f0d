<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

/**
 * How far the light is from what the demands can live with. For each aperture that depth and separation allow, the
 * times and ISOs allowed make a band of light: from Av + slowest Tv − highest Sv to Av + fastest Tv − lowest Sv.
 */
final readonly class LightGap
{
    private function __construct(
        /** Stops of light missing at the best of them; null when no aperture or no time would do in any light. */
        public ?float $missing,
        /** Stops of light too much; null likewise. */
        public ?float $surplus,
        /** Where least is missing. */
        public ?Setup $setup,
        public ?float $av,
    ) {
    }

    /** @param  bool  $bodyIso  count ISO up to the body's highest instead of the ceiling that was asked for */
    public static function of(AdviceRequest $request, Search $search, bool $bodyIso = false): self
    {
        $grid = new Grid($request->kit->body->limits->increment);
        [$missing, $surplus, $where, $at] = [null, null, null, null];
        foreach ($search->setups as $setup) {
            $demands = $setup->demands;
            $times = $demands->tvFrom() <= $demands->tvTo() ? $grid->times($demands->tvFrom(), $demands->tvTo()) : [];
            $isos = $grid->isos($demands->iso->lowest, $bodyIso ? $demands->iso->highest : $demands->iso->ceiling);
            if ($times === [] || $isos === []) {
                continue;
            }
            $light = $setup->light($request);
            foreach ($grid->apertures($demands->aperture->widest, $demands->aperture->smallest) as $av) {
                if ($av < $demands->avFrom() - 1e-9 || $av > $demands->avTo() + 1e-9) {
                    continue;
                }
                $needs = $av + min($times) - max($isos) - $light;
                $leaves = $light - ($av + max($times) - min($isos));
                if ($missing === null || $needs < $missing) {
                    [$missing, $where, $at] = [$needs, $setup, $av];
                }
                $surplus = $surplus === null ? $leaves : min($surplus, $leaves);
            }
        }

        return new self($missing, $surplus, $where, $at);
    }
}
