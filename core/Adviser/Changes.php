<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Intent\Framing;
use TruePupil\Core\Intent\IntendedDistances;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Intent\Movement;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Intent\SubjectKind;
use TruePupil\Core\Kit\BodyKind;
use TruePupil\Core\Kit\Flash;
use TruePupil\Core\Kit\Lens;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Optics\AngleOfView;
use TruePupil\Core\Optics\FocusStack;
use TruePupil\Core\Optics\Metres;
use TruePupil\Core\Optics\PanoramaFrames;

/** What could be otherwise where nothing meets every wish: by kind, each with its amounts from little to much. */
final readonly class Changes
{
    /** Neutral-density filters as they are sold, stops, and two on one another. */
    private const FILTERS = [[3.0], [6.0], [10.0], [10.0, 3.0]];

    /** Widest f-numbers of lenses as they are sold, and the widest entrance pupil at each, mm. */
    private const FAST = ['4' => 150.0, '2.8' => 145.0, '1.8' => 76.0, '1.4' => 76.0];

    /** Focal lengths for soft backgrounds that many can borrow, as 35 mm equivalents in mm, and how far they open. */
    private const SOFT = [[85.0, 1.8], [135.0, 2.0], [200.0, 2.8]];

    /** Shares of the distance that a photographer may step up to. */
    private const NEARER = [0.75, 0.5, 0.35];

    /** How many times as far behind the subject the background can be looked for. */
    private const BEHIND = [2.0, 4.0];

    /** Guide numbers of flashes that are sold, m at ISO 100. */
    private const FLASHES = [24.0, 40.0, 60.0];

    /** More than this a flash in a room does not light, m. */
    private const FLASH_REACH = 12.0;

    /** Stops of light that can be brought to a subject: a lamp, a reflector, a brighter place. */
    private const LIGHT = [1.0, 2.0, 3.0, 4.0, 6.0, 8.0];

    /** EV at ISO 100 under which it is night, whenever one comes. */
    private const NIGHT = 0.0;

    public function __construct(private AdviceRequest $request, private LightGap $gap)
    {
    }

    /** @return array<string, list<Change>> by kind, the simplest kind first */
    public function all(): array
    {
        $changes = [
            'tripod' => $this->tripod(),
            'distance' => $this->distance(),
            'background' => $this->background(),
            'iso-ceiling' => $this->isoCeiling(),
            'filter' => $this->filters(),
            'flash' => $this->flashes(),
            'lens' => $this->lenses(),
            'panorama' => $this->panorama(),
            'focus-stack' => $this->stack(),
            'less-depth' => $this->lessDepth(),
            'accept-blur' => $this->acceptBlur(),
            'light' => $this->light(),
        ];

        return array_filter($changes, fn (array $some): bool => $some !== []);
    }

    private function isTooDark(): bool
    {
        return $this->gap->missing !== null && $this->gap->missing > 0;
    }

    private function isTooBright(): bool
    {
        return $this->gap->surplus !== null && $this->gap->surplus > 0;
    }

    /** @return list<Change> */
    private function tripod(): array
    {
        $kit = $this->request->kit;
        $isOut = in_array(Support::Tripod, $kit->supports, true)
            || ! $this->request->bounds->allowsSupport(Support::Tripod);

        return $isOut ? [] : [new Change(
            'tripod',
            1.0,
            '',
            'with a tripod',
            fn (AdviceRequest $of): AdviceRequest => $of->with(
                kit: $of->kit->with(supports: [...$of->kit->supports, Support::Tripod]),
            ),
        )];
    }

    /** @return list<Change> what is at hand stays */
    private function filters(): array
    {
        $atHand = $this->request->kit->filters;
        // Where hands forbid the time, light is not what is seen to be too much: a time that shows movement asks.
        $wantsTime = $this->request->intent->movement?->want === MovementLook::Silk;

        return ! $this->isTooBright() && ! $wantsTime ? [] : array_map(
            fn (array $filters): Change => new Change(
                'filter',
                array_sum($filters),
                'stops',
                count($filters) > 1
                    ? sprintf('with filters of %d and %d stops on one another', ...$filters)
                    : sprintf(
                        $atHand === [] ? 'with the %d-stop filter' : 'with another filter, of %d stops',
                        $filters[0],
                    ),
                fn (AdviceRequest $of): AdviceRequest => $of->with(
                    kit: $of->kit->with(filters: [...$of->kit->filters, ...$filters]),
                ),
            ),
            self::FILTERS,
        );
    }

    /** @return list<Change> */
    private function isoCeiling(): array
    {
        $limits = $this->request->kit->body->limits;
        $wished = $this->request->intent->maxIso;
        $highest = min($limits->isoMax, $this->request->bounds->iso[1]);
        if ($wished === null || $wished >= $highest || ! $this->isTooDark()) {
            return [];
        }
        $changes = [];
        for ($stops = 1; $wished * 2 ** $stops <= $highest * 1.01; $stops++) {
            $raised = Iso::nearest($wished * 2 ** $stops);
            $changes[] = new Change(
                'iso-ceiling',
                (float) $stops,
                'stops',
                'with noise up to '.$raised,
                fn (AdviceRequest $of): AdviceRequest => $of->with(
                    intent: $of->intent->with(maxIso: $raised->nominal()),
                ),
            );
        }

        return $changes;
    }

    /** @return list<Change> */
    private function lenses(): array
    {
        $kit = $this->request->kit;
        if ($kit->body->kind === BodyKind::Phone) {
            return [];
        }
        $crop = $kit->body->format->crop();
        $intent = $this->request->intent;
        $options = [];
        if ($intent->asksForSeparation() && ! $this->isTooDark()) {
            $framed = $intent->focalLength35;
            foreach ($framed === null ? self::SOFT : [[$framed, 1.8], [$framed, 1.4]] as [$equivalent, $widest]) {
                $options[] = [$equivalent / $crop, $widest];
            }
        } elseif ($this->isTooDark() && $this->gap->setup !== null) {
            $choice = $this->gap->setup->choice;
            $focalLength = $intent->focalLength35 === null ? $choice->focalLength : $intent->focalLength35 / $crop;
            foreach (self::FAST as $number => $pupil) {
                $widest = (float) $number;
                $ownWidest = $choice->lens->widestAt($choice->focalLength)->nominal();
                if ($focalLength / $widest <= $pupil && $widest < $ownWidest - 0.01) {
                    $options[] = [$focalLength, $widest];
                }
            }
        } elseif ($this->gap->setup === null && $intent->focalLength35 !== null && $this->gap->missing === null) {
            $options[] = [$intent->focalLength35 / $crop, 2.8];
        }

        return array_map(
            fn (array $one): Change => new Change(
                'lens',
                $one[1],
                'f-number',
                sprintf('with a lens of %d mm that opens to %s', round($one[0]), Aperture::of($one[1])),
                fn (AdviceRequest $of): AdviceRequest => $of->with(kit: $of->kit->with(lenses: [
                    ...$of->kit->lenses,
                    Lens::prime(sprintf('a %d mm ƒ/%s', round($one[0]), $one[1]), $one[0], $one[1], 16.0),
                ])),
            ),
            $options,
        );
    }

    /** @return list<Change> where every lens is too long for what stands still: frames side by side */
    private function panorama(): array
    {
        [$kit, $intent] = [$this->request->kit, $this->request->intent];
        $wanted = $intent->focalLength35;
        $crop = $kit->body->format->crop();
        $shortest = min([INF, ...array_map(fn (Lens $lens): float => $lens->minFocal, $kit->lenses)]);
        $stands = $intent->movement === null && $intent->kind()?->standsStill() !== false;
        if ($wanted === null || ! $stands || is_infinite($shortest) || $wanted / $crop > $shortest * 0.84) {
            return [];
        }
        $view = AngleOfView::of($wanted / $crop, $kit->body->format)->horizontal;
        // Upright frames lose least at top and bottom.
        $frames = PanoramaFrames::of($view, AngleOfView::of($shortest, $kit->body->format)->vertical)->frames;

        return [new Change(
            'panorama',
            (float) $frames,
            'frames',
            sprintf('as a panorama of %d upright frames', $frames),
            fn (AdviceRequest $of): AdviceRequest => $of->with(
                intent: $of->intent->with(focalLength35: $shortest * $crop),
            ),
        )];
    }

    /** @return list<Change> */
    private function flashes(): array
    {
        $distance = $this->request->intent->distances->subject;
        $isUseless = $this->request->kit->flash !== null || $distance === null || $distance > self::FLASH_REACH
            || $this->request->intent->kind() === null || ! (new FlashAdvice($this->request))->isOfUse();

        return $isUseless || ! $this->isTooDark() ? [] : array_map(
            fn (float $number): Change => new Change(
                'flash',
                $number,
                'm',
                sprintf('with a flash of guide number %d, where it is allowed and disturbs nobody', $number),
                fn (AdviceRequest $of): AdviceRequest => $of->with(
                    kit: $of->kit->with(flash: new Flash($number, canBounce: true)),
                ),
            ),
            self::FLASHES,
        );
    }

    /** @return list<Change> nearer, for a softer background; farther, where no lens focuses so near */
    private function distance(): array
    {
        $intent = $this->request->intent;
        $subject = $intent->distances->subject;
        $lenses = $this->request->kit->lenses;
        if ($subject === null || $lenses === []) {
            return [];
        }
        $closest = min(array_map(fn (Lens $lens): float => $lens->closestFocus, $lenses));
        if ($subject < $closest) {
            return [$this->moved($closest, sprintf('from %s, as near as the kit focuses', Metres::text($closest)))];
        }
        if (! $intent->asksForSeparation()) {
            return [];
        }
        $changes = [];
        foreach (self::NEARER as $share) {
            if ($subject * $share >= $closest) {
                $changes[] = $this->moved($subject * $share, sprintf('from %s', Metres::text($subject * $share)));
            }
        }

        return $changes;
    }

    private function moved(float $to, string $with): Change
    {
        return new Change(
            'distance',
            $to,
            'm',
            $with,
            function (AdviceRequest $of) use ($to): AdviceRequest {
                $from = $of->intent->distances;
                $shift = $to - (float) $from->subject;
                // What lies round the subject stays where it is.
                $at = fn (?float $distance): ?float => $distance === null ? null : max(0.05, $distance + $shift);

                return $of->with(intent: $of->intent->with(new IntendedDistances(
                    $to,
                    $at($from->near),
                    $at($from->far),
                    $at($from->background),
                    $from->separation,
                )));
            },
        );
    }

    /** @return list<Change> */
    private function background(): array
    {
        $distances = $this->request->intent->distances;
        if (! $this->request->intent->asksForSeparation() || $distances->background <= $distances->subject) {
            return [];
        }

        return array_map(function (float $times) use ($distances): Change {
            $to = (float) $distances->subject + $times * ($distances->background - $distances->subject);

            return new Change(
                'background',
                $to,
                'm',
                sprintf('with the background %s away', Metres::text($to)),
                function (AdviceRequest $of) use ($times): AdviceRequest {
                    $from = $of->intent->distances;

                    return $of->with(intent: $of->intent->with(new IntendedDistances(
                        $from->subject,
                        $from->near,
                        $from->far,
                        (float) $from->subject + $times * ((float) $from->background - (float) $from->subject),
                        $from->separation,
                    )));
                },
            );
        }, self::BEHIND);
    }

    /** @return list<Change> a stack is for what stands still, before a camera that stands still */
    private function stack(): array
    {
        $intent = $this->request->intent;
        [$near, $far] = [$intent->sharpFrom(), $intent->sharpTo()];
        $stands = $intent->movement === null && $intent->kind()?->standsStill() !== false;
        if (! $intent->asksForDepth() || $near === null || $far === null || $far <= $near || ! $stands) {
            return [];
        }

        return [new Change(
            'focus-stack',
            0.0,
            'frames',
            'as a focus stack, if nothing moves',
            fn (AdviceRequest $of): AdviceRequest => $of->with(
                kit: $of->kit->with(supports: array_values(array_filter(
                    $of->kit->supports,
                    fn (Support $support): bool => $support->stopsSteadier() === null,
                ))),
                intent: self::shallow($of->intent),
            ),
        )];
    }

    /** @return list<Change> */
    private function lessDepth(): array
    {
        return $this->request->intent->asksForDepth() ? [new Change(
            'less-depth',
            0.0,
            'stops',
            'with the subject alone sharp',
            fn (AdviceRequest $of): AdviceRequest => $of->with(intent: self::shallow($of->intent)),
        )] : [];
    }

    private static function shallow(Intent $intent): Intent
    {
        return $intent->with($intent->distances->withoutDepth());
    }

    /** @return list<Change> */
    private function acceptBlur(): array
    {
        $movement = $this->request->intent->movement;

        return $movement?->want === MovementLook::Freeze ? [new Change(
            'accept-blur',
            2.0,
            'stops',
            'with movement that is sharp enough in a print instead of frozen',
            fn (AdviceRequest $of): AdviceRequest => $of->with(intent: $of->intent->with(
                movement: new Movement(MovementLook::Acceptable, $movement->speed, $movement->angle),
            )),
        )] : [];
    }

    /** @return list<Change> */
    private function light(): array
    {
        $kind = $this->request->intent->kind();
        $isView = $kind === SubjectKind::View || $this->request->intent->contents->about->framing === Framing::View;
        $cannotBe = in_array(
            $kind,
            [SubjectKind::NightSky, SubjectKind::Moon, SubjectKind::Fireworks, SubjectKind::Stage],
            true,
            // Nobody lights a view, but one can come while there is more of the day.
        ) || ($isView && $this->request->light->value < self::NIGHT);

        return $cannotBe || ! $this->isTooDark() ? [] : array_map(
            fn (float $stops): Change => new Change(
                'light',
                $stops,
                'stops',
                sprintf(
                    $isView ? 'earlier, with %s more light' : 'with %s more light on it',
                    Stops::of($stops)->inWords(),
                ),
                fn (AdviceRequest $of): AdviceRequest => $of->with(light: $of->light->plus(Stops::of($stops))),
            ),
            self::LIGHT,
        );
    }

    /** How many frames a stack takes at an aperture. */
    public static function framesOf(AdviceRequest $request, Candidate $candidate): int
    {
        return FocusStack::covering(
            (float) $request->intent->sharpFrom(),
            (float) $request->intent->sharpTo(),
            $candidate->choice->focalLength,
            2 ** ($candidate->av / 2),
            $request->kit->body->format->circleOfConfusion(),
        )->frames();
    }
}
