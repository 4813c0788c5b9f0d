<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Intent\IntendedDistances;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Intent\Movement;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Kit\Lens;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Optics\FocusStack;
use TruePupil\Core\Optics\InvalidOptics;
use TruePupil\Core\Optics\Metres;

/** Looks for the one thing that would make an impossible wish possible. Each is tried before it is named. */
final readonly class Remedies
{
    /** No lens opens further. */
    private const FASTEST_LENS = 0.95;

    public function __construct(private AdviceRequest $request, private Search $search)
    {
    }

    public function find(): Impossible
    {
        if ($this->search->setups === []) {
            return $this->withoutLens();
        }
        $gap = LightGap::of($this->request, $this->search);
        $helps = array_values(
            array_filter([
                $this->tripod(),
                $this->filter($gap),
                $this->isoCeiling(),
                $this->acceptBlur(),
                $this->fasterLens($gap),
                $this->flash($gap),
                $this->light($gap),
                $this->lessDepth(),
                $this->stack($gap),
            ]),
        );

        return new Impossible($this->reason($gap), $helps);
    }

    private function reason(LightGap $gap): string
    {
        if ($gap->missing === null || $gap->surplus === null) {
            $demands = $this->search->setups[0]->demands;

            $bounds = $demands->aperture;
            $isCrossed = $demands->avFrom() > $demands->avTo();

            return match (true) {
                $isCrossed && $bounds->separation !== null && $bounds->depth !== null => 'So much depth and so soft '.
                    'a background exclude each other: no aperture gives both.',
                $isCrossed && $bounds->depth !== null => 'No aperture of the lens is small enough for the depth.',
                $isCrossed => 'No aperture of the lens is wide enough for so soft a background.',
                default => 'No exposure time is long enough for the movement to show and short enough to be held '.
                    'still.',
            };
        }
        if ($gap->missing > 0 && $gap->setup !== null && $gap->av !== null) {
            return sprintf(
                'There is too little light: at %s, the longest time allowed and the highest ISO allowed, it falls %s '.
                    'short.',
                Aperture::of(2 ** ($gap->av / 2)),
                $this->words($gap->missing),
            );
        }

        return sprintf(
            'There is too much light: even at the lowest ISO and the smallest aperture allowed, it is %s too bright.',
            $this->words($gap->surplus),
        );
    }

    private function withoutLens(): Impossible
    {
        [$kit, $intent] = [$this->request->kit, $this->request->intent];
        if ($kit->lenses === []) {
            return new Impossible('The kit has no lens.', []);
        }
        $helps = [];
        $closest = min(array_map(fn (Lens $lens): float => $lens->closestFocus, $kit->lenses));
        if (
            $intent->distances->subject !== null &&
            $intent->distances->subject < $closest &&
            $this->isPossible(intent: $this->moved($intent, $closest))
        ) {
            $helps[] = new Remedy(
                'distance',
                $closest,
                'm',
                sprintf('Step back to %s: no lens of the kit focuses nearer.', Metres::text($closest)),
            );
        }
        if ($intent->focalLength35 !== null) {
            $wanted = $intent->focalLength35 / $kit->body->format->crop();
            $helps[] = new Remedy('lens', $wanted, 'mm', sprintf('A lens of %s mm frames this.', round($wanted)));
        }

        return new Impossible(
            $intent->distances->subject !== null && $intent->distances->subject < $closest
                ? InvalidOptics::insideClosestFocus(
                    $intent->distances->subject,
                    $closest,
                    'every lens of the kit',
                )->getMessage()
                : 'No lens of the kit frames the subject that way and focuses that near.',
            $helps,
        );
    }

    private function tripod(): ?Remedy
    {
        $kit = $this->request->kit;
        if (
            in_array(Support::Tripod, $kit->supports, true) ||
            ! $this->isPossible(kit: $this->kitWith(supports: [...$kit->supports, Support::Tripod]))
        ) {
            return null;
        }

        return new Remedy('tripod', 1.0, '', 'A tripod: hands then set no limit to the time.');
    }

    /** One more filter, alone or screwed onto the strongest at hand: what is at hand stays. */
    private function filter(LightGap $gap): ?Remedy
    {
        $atHand = $this->request->kit->filters;
        rsort($atHand);
        // Two go together: the new one has to do what the second strongest did, and what is too much on top.
        $stops =
            $gap->surplus === null || $gap->surplus <= 0
                ? null
                : $this->thirds(
                    $gap->surplus + ($atHand[1] ?? 0.0),
                    fn (float $stops): bool => $this->isPossible(kit: $this->kitWith(filters: [...$atHand, $stops])),
                );

        return $stops === null
            ? null
            : new Remedy(
                'filter',
                $stops,
                'stops',
                $atHand === []
                    ? sprintf('A neutral-density filter of %s.', $this->words($stops))
                    : sprintf(
                        'Another neutral-density filter, of %s, together with the one of %s.',
                        $this->words($stops),
                        Stops::of($atHand[0])->inWords(),
                    ),
            );
    }

    private function light(LightGap $gap): ?Remedy
    {
        $stops =
            $gap->missing === null || $gap->missing <= 0
                ? null
                : $this->thirds(
                    $gap->missing,
                    fn (float $stops): bool => (new Search(
                        $this->request->with(light: $this->request->light->plus(Stops::of($stops))),
                    ))->isPossible(),
                );

        return $stops === null
            ? null
            : new Remedy(
                'light',
                $stops,
                'stops',
                sprintf('%s more light on the subject.', ucfirst($this->words($stops))),
            );
    }

    private function isoCeiling(): ?Remedy
    {
        $limits = $this->request->kit->body->limits;
        if ($this->request->intent->maxIso === null || $this->request->intent->maxIso >= $limits->isoMax) {
            return null;
        }
        $missing = LightGap::of($this->request, $this->search)->missing;
        $ceiling = Iso::of($this->request->intent->maxIso);
        // Beyond the body's highest there is nothing to raise.
        $room = Iso::of($limits->isoMax)->stopsMoreThan($ceiling)->value;
        $stops =
            $missing === null || $missing <= 0 || $missing > $room + Grid::BALANCED
                ? null
                : $this->thirds($missing, function (float $stops) use ($ceiling): bool {
                    $raised = Iso::nearest($ceiling->exact * 2 ** $stops);

                    return $this->isPossible(intent: $this->request->intent->with(maxIso: $raised->nominal()));
                });

        return $stops === null
            ? null
            : new Remedy(
                'iso-ceiling',
                $stops,
                'stops',
                sprintf(
                    'Allow %s more of ISO, up to %s.',
                    $this->words($stops),
                    Iso::nearest($ceiling->exact * 2 ** $stops),
                ),
            );
    }

    private function acceptBlur(): ?Remedy
    {
        $movement = $this->request->intent->movement;
        if ($movement?->want !== MovementLook::Freeze) {
            return null;
        }
        $easier = $this->request->intent->with(
            movement: new Movement(MovementLook::Acceptable, $movement->speed, $movement->angle),
        );

        return $this->isPossible(intent: $easier)
            ? new Remedy(
                'accept-blur',
                2.0,
                'stops',
                'Be content with movement that is sharp enough in a print, two stops longer, instead of frozen.',
            )
            : null;
    }

    private function fasterLens(LightGap $gap): ?Remedy
    {
        if ($gap->missing === null || $gap->missing <= 0 || $gap->setup === null) {
            return null;
        }
        $choice = $gap->setup->choice;
        // Half a third either way still balances.
        for ($step = max(1, (int) ceil($gap->missing * 3 - 0.5 - 1e-6)); $step <= 18; $step++) {
            $widest = 2 ** ($gap->setup->demands->aperture->widest / 2 - $step / 6);
            if ($widest < self::FASTEST_LENS) {
                return null;
            }
            $engraved = Aperture::nearest($widest)->nominal();
            $lens = Lens::prime(
                'a faster lens',
                $choice->focalLength,
                $engraved,
                $choice->lens->smallest,
                $choice->lens->closestFocus,
            );
            if ($this->isPossible(kit: $this->kitWith(lenses: [...$this->request->kit->lenses, $lens]))) {
                return new Remedy(
                    'lens',
                    $engraved,
                    'f-number',
                    sprintf('A lens of %s mm that opens to %s.', round($choice->focalLength), Aperture::of($engraved)),
                );
            }
        }

        return null;
    }

    /**
     * GN = N·d/√(S/100) for a flash that lights the subject alone, at the widest aperture allowed and the highest ISO
     * allowed.
     */
    private function flash(LightGap $gap): ?Remedy
    {
        $intent = $this->request->intent;
        $wantsTime = in_array(
            $intent->movement?->want,
            [MovementLook::Streak, MovementLook::Silk, MovementLook::Pan],
            true,
        );
        if (
            $gap->missing === null ||
            $gap->missing <= 0 ||
            $gap->av === null ||
            $gap->setup === null ||
            $intent->distances->subject === null ||
            $wantsTime ||
            $intent->contents->stars
        ) {
            return null;
        }
        $guideNumber =
            (2 ** ($gap->av / 2) * $intent->distances->subject) / sqrt(2 ** $gap->setup->demands->iso->ceiling);

        return new Remedy(
            'flash',
            ceil($guideNumber * 10) / 10,
            'm',
            sprintf(
                'A flash with a guide number of %s m or more at ISO 100, where it is allowed and disturbs nobody.',
                ceil($guideNumber * 10) / 10,
            ),
        );
    }

    /** Where depth is what bars it: the background let less soft, or the depth given up. */
    private function lessDepth(): ?Remedy
    {
        $intent = $this->request->intent;
        if (
            $this->search->setups === [] ||
            ! $intent->asksForDepth() ||
            ! $this->isPossible(intent: $intent->with($intent->distances->withoutDepth()))
        ) {
            return null;
        }
        $needed = min(
            array_map(
                fn (Setup $setup): float => ($setup->demands->aperture->depth ?? 0.0) -
                    $setup->demands->aperture->widest,
                $this->search->setups,
            ),
        );

        return new Remedy(
            'less-depth',
            max(0.0, $needed),
            'stops',
            'Give up depth: let only the subject itself be sharp.',
        );
    }

    private function stack(LightGap $gap): ?Remedy
    {
        $intent = $this->request->intent;
        [$near, $far] = [$intent->sharpFrom(), $intent->sharpTo()];
        // A stack is for what stands still.
        if ($gap->missing !== null || $near === null || $far === null || $far <= $near || $intent->movement !== null) {
            return null;
        }
        if (! $this->isPossible(intent: $intent->with($intent->distances->withoutDepth()))) {
            return null;
        }
        $setup = $this->search->setups[0];
        $n = Aperture::nearest(2 ** (min($setup->demands->avTo(), max(6.0, $setup->demands->aperture->widest)) / 2));
        $frames = FocusStack::covering(
            $near,
            $far,
            $setup->choice->focalLength,
            $n->exact,
            $this->request->kit->body->format->circleOfConfusion(),
        )->frames();

        return new Remedy(
            'focus-stack',
            (float) $frames,
            'frames',
            sprintf('A focus stack of %d frames at %s, if nothing moves.', $frames, $n),
        );
    }

    /**
     * The least whole third from here on that is enough.
     *
     * @param  callable(float): bool  $isEnough
     */
    private function thirds(float $from, callable $isEnough): ?float
    {
        for ($step = max(1, (int) ceil($from * 3 - 0.5 - 1e-6)), $last = $step + 3; $step <= $last; $step++) {
            if ($isEnough($step / 3)) {
                return $step / 3;
            }
        }

        return null;
    }

    private function isPossible(?Kit $kit = null, ?Intent $intent = null): bool
    {
        return (new Search($this->request->with(kit: $kit, intent: $intent)))->isPossible();
    }

    /**
     * @param  ?list<Lens>  $lenses
     * @param  ?list<Support>  $supports
     * @param  ?list<float>  $filters
     */
    private function kitWith(?array $lenses = null, ?array $supports = null, ?array $filters = null): Kit
    {
        $kit = $this->request->kit;

        return new Kit(
            $kit->body,
            $lenses ?? $kit->lenses,
            $supports ?? $kit->supports,
            $filters ?? $kit->filters,
            $kit->flashGuideNumber,
            $kit->film,
            $kit->autoIso,
        );
    }

    private function moved(Intent $intent, float $subject): Intent
    {
        $back = $subject - (float) $intent->distances->subject;

        $from = $intent->distances;

        return $intent->with(
            new IntendedDistances(
                $subject,
                $from->near === null ? null : $from->near + $back,
                $from->far === null ? null : $from->far + $back,
                $from->background === null ? null : $from->background + $back,
                $from->separation,
            ),
        );
    }

    private function words(float $stops): string
    {
        // A shortage is rounded up: less would not be enough.
        return Stops::of(max(1, ceil($stops * 3 - 1e-6)) / 3)->inWords();
    }
}
