<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use TruePupil\Core\Intent\MeantTone;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Kit\BodyKind;
use TruePupil\Core\Kit\Flash;
use TruePupil\Core\Kit\Support;

/**
 * The flash of the kit as a light: filling what the surroundings leave dark, or the main light where they are too dim.
 * It has N·d = GN·√(S/100) to give; two stops less from the ceiling.
 */
final readonly class FlashAdvice
{
    /** Stops under the surroundings that fill without being seen to. */
    public const FILL = -1.5;

    /** Stops under the main light at which lamps in the room still tell of it. */
    private const LAMPS_UNDER = 2.5;

    /** Stops of ISO above base that a flash is helped by, and close up, where it is near enough. */
    private const HELPED_BY = 3.0;

    private const HELPED_CLOSE_UP = 1.0;

    /** Full light every time lets nobody take a second frame soon: half of it. */
    private const TO_SPARE = 1.0;

    /** A time that lets lamps in and holds what they light, as Tv: 1/80 s. */
    private const WITH_LAMPS = 6.3;

    /** Stops. */
    private const SOONER = 2 / 3;

    /** From half life size on hands alone are advised against. */
    private const VERY_CLOSE = 0.5;

    public function __construct(private AdviceRequest $request)
    {
    }

    /**
     * @param  ?Candidate  $ambient  the best without it; null where there is none
     * @return ?FlashCandidate null where it is no use, or is not needed
     */
    public function find(?Candidate $ambient): ?FlashCandidate
    {
        $flash = $this->request->kit->flash;
        $distance = $flash->place->distance ?? $this->request->intent->distances->subject;
        if ($flash === null || $distance === null || ! $this->isOfUse()) {
            return null;
        }
        if ($this->request->range?->isWide() === true && $this->request->intent->kind()?->standsStill() === false) {
            return $this->fill($flash, $distance);
        }

        return $this->isNeeded($ambient) ? $this->main($flash, $distance) : null;
    }

    /** Whether a flash may be used here and does not spoil what the picture is about. */
    public function isOfUse(): bool
    {
        [$intent, $want] = [$this->request->intent, $this->request->intent->movement?->want];

        return $this->request->bounds->allowsFlash
            && $this->request->kit->body->kind === BodyKind::Camera
            && $intent->kind()?->canBeLit() !== false
            && $intent->tone !== MeantTone::Silhouette
            && ! $intent->contents->stars
            && ! in_array($want, [MovementLook::Streak, MovementLook::Silk, MovementLook::Pan], true);
    }

    /** Where lamps and window alone ask for more noise than the owner lives with, or hands for more than they hold. */
    private function isNeeded(?Candidate $ambient): bool
    {
        return $ambient === null
            || $ambient->sv > ($ambient->demands->iso->comfortable ?? INF) + Grid::BALANCED -
                // Light from the ceiling is kind: it is turned to a little sooner.
                ($this->request->kit->flash?->isKind() === true ? self::SOONER : 0.0)
            || ($ambient->demands->magnification >= self::VERY_CLOSE && $ambient->support !== Support::Tripod
                && $ambient->sv > $ambient->demands->iso->base + self::HELPED_BY);
    }

    private function fill(Flash $flash, float $distance): ?FlashCandidate
    {
        $bounds = $this->request->bounds;
        $sync = $this->request->kit->body->limits->syncTime();
        foreach ($flash->highSpeedSync ? [$bounds, $bounds->notFasterThan($sync)]
            : [$bounds->notFasterThan($sync)] as $tried) {
            $best = (new Search($this->request->with(bounds: $tried)))->bestOfAll();
            if ($best === null) {
                continue;
            }
            $lost = Flash::lostAt(2 ** -$best->tv, $sync);
            $spare = $this->spare($flash, $best->demands, $best->av, $best->sv, $distance, $lost + $best->filter)
                - self::FILL;
            if ($spare >= 0.0) {
                return new FlashCandidate(
                    $best,
                    new SuggestedFlash(self::FILL, 2 ** -$spare, isHighSpeed: $lost > 0.0, place: $flash->place),
                    0.0,
                );
            }
        }

        return null;
    }

    private function main(Flash $flash, float $distance): ?FlashCandidate
    {
        $search = new Search($this->request);
        $best = null;
        foreach ($search->setups as $setup) {
            $found = $setup->filter > 0.0 ? null : $this->mainWith($flash, $distance, $setup, $search);
            if ($found !== null && ($best === null || $found->candidate->cost < $best->candidate->cost)) {
                $best = $found;
            }
        }

        return $best;
    }

    private function mainWith(Flash $flash, float $distance, Setup $setup, Search $search): ?FlashCandidate
    {
        $demands = $setup->demands;
        if ($demands->avFrom() > $demands->avTo()) {
            return null;
        }
        $isClose = $demands->magnification >= PreferredAperture::CLOSE;
        $sync = -log($this->request->kit->body->limits->syncTime(), 2);
        $grid = new Grid($this->request->kit->body->limits->increment);
        $av = self::nearest(
            $grid->apertures($demands->avFrom(), $demands->avTo()),
            max($demands->aperture->preferred, $demands->avFrom()),
        );
        $tv = $grid->time(min($sync, $isClose ? $sync : max(self::WITH_LAMPS, $demands->time->shake ?? -INF)));
        // A step of the dial faster than the sync time would darken a part of the frame.
        $tv = $tv > $sync + 0.05 ? $grid->time($sync - 1 / 6) : $tv;
        $light = $setup->light($this->request);
        $most = min(
            $demands->iso->ceiling,
            $demands->iso->base + ($isClose ? self::HELPED_CLOSE_UP : self::HELPED_BY),
        );
        $isos = $grid->isos(max($demands->iso->lowest, $demands->iso->base), max($most, $demands->iso->base));
        if ($isos === []) {
            return null;
        }
        foreach ($flash->canBounce && ! $isClose && $flash->place === null ? [true, false] : [false] as $isBounced) {
            $lost = $isBounced ? Flash::BOUNCE_STOPS : 0.0;
            $wished = $av + $tv - $light - self::LAMPS_UNDER;
            foreach ($isos as $sv) {
                $spare = $this->spare($flash, $demands, $av, $sv, $distance, $lost);
                if ($sv >= min($wished, end($isos)) - 1e-6 && $spare >= self::TO_SPARE) {
                    $cost = $search->fixedCost($setup) + $search->apertureCost($demands, $av)
                        + $search->isoCost($demands, $sv);

                    return new FlashCandidate(
                        $setup->candidate($av, $tv, $sv, $cost),
                        new SuggestedFlash(null, 2 ** -$spare, $isBounced, place: $flash->place),
                        max(0.0, $av + $tv - $light - $sv),
                    );
                }
            }
        }

        return null;
    }

    private function spare(Flash $flash, Demands $demands, float $av, float $sv, float $distance, float $lost): float
    {
        return $flash->stopsToSpare(
            2 ** ($av / 2) * (1 + $demands->magnification),
            $distance,
            100 * 2 ** $sv,
            $lost,
        );
    }

    /** @param  list<float>  $values */
    private static function nearest(array $values, float $wanted): float
    {
        usort($values, fn (float $a, float $b): int => abs($a - $wanted) <=> abs($b - $wanted));

        return $values[0];
    }
}
