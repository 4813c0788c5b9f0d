<?php

declare(strict_types=1);

namespace TruePupil\Core\Modes;

use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\InvalidExposure;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\StopIncrement;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Kit\AutoIso;
use TruePupil\Core\Kit\ExposureMode;

/**
 * Automatic exposure: what a camera chooses in each mode, and every limit it meets.
 *
 * In the order that a camera goes: the person's value is kept; time is spent down to the slowest that automatic ISO
 * allows, then ISO up to its ceiling, then time again down to the body's slowest, and what is left is reported in
 * stops.
 * All in thirds of a stop on the scale, by APEX: Av + Tv = EV100 − compensation − filter + Sv.
 */
final class ExposureSolver
{
    /** Program's line: half of the light's change goes to time, half to aperture, from f/5.6 at 1/125 s (EV 12). */
    private const PROGRAM_APEX = 5.0;

    private const PROGRAM_EV = 12.0;

    /** @var list<LimitMet> */
    private array $limits = [];

    private function __construct(private readonly ExposureRequest $request)
    {
    }

    /**
     * @throws InvalidExposure when the mode leaves a value to the person and none is set, or a time that the shutter
     *   does not have
     */
    public static function solve(ExposureRequest $request): SolvedExposure
    {
        return (new self($request))->solved();
    }

    private function solved(): SolvedExposure
    {
        $aperture = $this->personAperture();
        $time = $this->personTime();
        $iso = $this->personIso();
        $decidedBy = [
            'fNumber' => $aperture === null ? Decider::Camera : Decider::Person,
            'exposureTime' => $time === null ? Decider::Camera : Decider::Person,
            'iso' => $iso === null ? Decider::Camera : Decider::Person,
        ];
        $isAutoIso = $iso === null;
        $iso ??= $this->isoWithin($this->autoIso()->floor);
        $aperture ??= $this->chosenAperture($time, $iso);
        $time ??= $this->chosenTime($aperture, $iso, $isAutoIso);
        if ($isAutoIso) {
            $iso = $this->chosenIso($aperture, $time);
            // ISO could give no more: the time goes on alone, past the slowest that was asked for.
            if ($decidedBy['exposureTime'] === Decider::Camera && $this->hasMet('iso-ceiling')) {
                $time = $this->chosenTime($aperture, $iso, false);
            }
        }
        $settings = new ExposureSettings($aperture, $time, $iso);
        $error = Stops::of($this->target() - $settings->ev100()->value);
        $this->noteIso($iso);
        $this->noteCoarseDials($error);

        return new SolvedExposure($settings, $error, $decidedBy, $this->limits);
    }

    /** EV100 that the settings must have. */
    private function target(): float
    {
        return $this->request->sceneEv100 - $this->request->compensationCounted() - $this->request->filterStops;
    }

    private function personAperture(): ?Aperture
    {
        if (WhoDecides::in($this->request->mode)->aperture === Decider::Camera) {
            return null;
        }
        $set = $this->request->set->aperture ?? throw InvalidExposure::unset('aperture', $this->request->mode->label());
        [$widest, $smallest] = [
            Aperture::of($this->request->lens->widest),
            Aperture::of($this->request->lens->smallest),
        ];
        if ($set->exact < $widest->exact * 0.97) {
            $this->meet(
                'lens-widest',
                $widest->nominal(),
                sprintf('The lens opens to %s only; %s was set.', $widest, $set),
            );

            return $widest;
        }
        if ($set->exact > $smallest->exact * 1.03) {
            $this->meet(
                'lens-smallest',
                $smallest->nominal(),
                sprintf('The lens closes to %s only; %s was set.', $smallest, $set),
            );

            return $smallest;
        }

        return $set;
    }

    private function personTime(): ?ExposureTime
    {
        if (WhoDecides::in($this->request->mode)->time === Decider::Camera) {
            return null;
        }
        $set =
            $this->request->set->time ?? throw InvalidExposure::unset('exposure time', $this->request->mode->label());
        // No dial turns past the shutter's own end; flash and silence only hold the camera back.
        $fastest = ExposureTime::of($this->request->body->fastestWith($this->request->silent));
        if ($set->exact < $fastest->exact * 0.97) {
            throw InvalidExposure::beyondShutter($set, $fastest);
        }
        if ($set->exact < ExposureTime::of($this->request->fastest())->exact * 0.97) {
            return $this->fastest();
        }
        // In bulb the shutter is held open by hand: the body's slowest time does not bind it.
        if (
            $this->request->mode !== ExposureMode::Bulb &&
            $set->exact > ExposureTime::of($this->request->body->slowest)->exact * 1.03
        ) {
            return $this->bodyTime('body-slowest', $this->request->body->slowest);
        }

        return $set;
    }

    private function personIso(): ?Iso
    {
        $decider = WhoDecides::in($this->request->mode)->iso;
        if ($decider === Decider::Camera || ($decider === null && $this->request->set->iso === null)) {
            return null;
        }
        $set = $this->request->set->iso ?? throw InvalidExposure::unset('ISO', $this->request->mode->label());

        return $this->isoWithin($set->exact);
    }

    private function chosenAperture(?ExposureTime $time, Iso $iso): Aperture
    {
        $ev = $this->target() + $iso->stopsAbove100();
        // Shutter priority leaves the aperture all of the light; program and automatic share it with the time.
        $apex =
            $time === null
                ? // Where the shutter, or a flash, goes no faster, the aperture takes the rest.
                max(
                    self::PROGRAM_APEX + ($ev - self::PROGRAM_EV) / 2,
                    $ev - ExposureTime::of($this->request->fastest())->apex(),
                )
                : $ev - $time->apex();
        [$widest, $smallest] = [
            Aperture::of($this->request->lens->widest),
            Aperture::of($this->request->lens->smallest),
        ];
        if ($apex < $widest->apex() - 1 / 6) {
            $this->meetOnce('lens-widest', $widest->nominal(), sprintf('The lens is wide open at %s.', $widest));

            return $widest;
        }
        if ($apex > $smallest->apex() + 1 / 6) {
            $this->meetOnce('lens-smallest', $smallest->nominal(), sprintf('The lens is closed to %s.', $smallest));

            return $smallest;
        }
        $chosen = Aperture::nearest(2 ** ($apex / 2), $this->request->body->increment);

        // Rounding must not leave the lens's range by a third.
        return match (true) {
            $chosen->exact < $widest->exact => $widest,
            $chosen->exact > $smallest->exact => $smallest,
            default => $chosen,
        };
    }

    private function chosenTime(Aperture $aperture, Iso $iso, bool $beforeIso): ExposureTime
    {
        $wanted = 2 ** ($aperture->apex() - $this->target() - $iso->stopsAbove100());
        $automatic = $beforeIso ? $this->request->set->autoIso?->slowest : null;
        if ($automatic !== null && $wanted > ExposureTime::of($automatic)->exact * 2 ** (1 / 6)) {
            $slowest = ExposureTime::of($automatic);
            $this->meet(
                'slowest-automatic-time',
                $slowest->nominal(),
                sprintf('Automatic ISO goes no slower than %s before it raises ISO.', $slowest),
            );

            return $slowest;
        }
        if ($wanted < ExposureTime::of($this->request->fastest())->exact * 2 ** (-1 / 6)) {
            return $this->fastest();
        }
        if ($wanted > ExposureTime::of($this->request->body->slowest)->exact * 2 ** (1 / 6)) {
            return $this->bodyTime('body-slowest', $this->request->body->slowest);
        }

        $chosen = ExposureTime::nearest($wanted, $this->request->body->increment);
        [$fastest, $slowest] = [
            ExposureTime::of($this->request->fastest()),
            ExposureTime::of($this->request->body->slowest),
        ];

        // Rounding must not leave the shutter's range by a third.
        return match (true) {
            $chosen->exact < $fastest->exact => $fastest,
            $chosen->exact > $slowest->exact => $slowest,
            default => $chosen,
        };
    }

    private function chosenIso(Aperture $aperture, ExposureTime $time): Iso
    {
        $wanted = 100 * 2 ** ($aperture->apex() + $time->apex() - $this->target());
        $range = $this->autoIso();
        [$floor, $ceiling] = [$this->isoWithin($range->floor), $this->isoWithin($range->ceiling)];
        if ($wanted < $floor->exact * 2 ** (-1 / 6)) {
            $this->meet('iso-floor', $floor->nominal(), sprintf('Automatic ISO is at its floor, %s.', $floor));

            return $floor;
        }
        if ($wanted > $ceiling->exact * 2 ** (1 / 6)) {
            $this->meet('iso-ceiling', $ceiling->nominal(), sprintf('Automatic ISO is at its ceiling, %s.', $ceiling));

            return $ceiling;
        }
        $chosen = Iso::nearest($wanted);

        return match (true) {
            $chosen->exact < $floor->exact => $floor,
            $chosen->exact > $ceiling->exact => $ceiling,
            default => $chosen,
        };
    }

    private function autoIso(): AutoIso
    {
        return $this->request->set->autoIso ?? new AutoIso($this->request->body->isoMin, $this->request->body->isoMax);
    }

    private function isoWithin(float $iso): Iso
    {
        $body = $this->request->body;
        if ($iso < $body->isoMin * 0.97) {
            $this->meetOnce(
                'body-lowest-iso',
                $body->isoMin,
                sprintf('The body goes no lower than %s.', Iso::of($body->isoMin)),
            );

            return Iso::of($body->isoMin);
        }
        if ($iso > $body->isoMax * 1.03) {
            $this->meetOnce(
                'body-highest-iso',
                $body->isoMax,
                sprintf('The body goes no higher than %s.', Iso::of($body->isoMax)),
            );

            return Iso::of($body->isoMax);
        }

        return Iso::of($iso);
    }

    private function bodyTime(string $what, float $seconds): ExposureTime
    {
        $time = ExposureTime::of($seconds);
        $this->meetOnce(
            $what,
            $time->nominal(),
            match ($what) {
                'body-slowest' => sprintf('The shutter goes no slower than %s.', $time),
                'flash-sync' => sprintf('With flash the shutter goes no faster than %s, the sync speed.', $time),
                'silent-fastest' => sprintf('The silent shutter goes no faster than %s.', $time),
                default => sprintf('The shutter goes no faster than %s.', $time),
            },
        );

        return $time;
    }

    private function fastest(): ExposureTime
    {
        if ($this->request->isFlashSynced()) {
            return $this->bodyTime('flash-sync', $this->request->fastest());
        }

        return $this->bodyTime($this->request->silent ? 'silent-fastest' : 'body-fastest', $this->request->fastest());
    }

    /** Values beyond the sensor's own range are allowed, and cost something that has to be said. */
    private function noteIso(Iso $iso): void
    {
        $body = $this->request->body;
        $below = Iso::of($body->isoBase)->stopsMoreThan($iso);
        if ($below->inThirds() > 0) {
            $this->meetOnce(
                'iso-below-base',
                $body->isoBase,
                sprintf(
                    '%s lies below base %s: highlights clip %s sooner.',
                    $iso,
                    Iso::of($body->isoBase),
                    $below->inWords(),
                ),
            );
        }
        if ($body->isoNativeMax !== null && $iso->stopsMoreThan(Iso::of($body->isoNativeMax))->inThirds() > 0) {
            $this->meetOnce(
                'iso-above-native',
                $body->isoNativeMax,
                sprintf('%s lies above the sensor\'s own range: the file is only brightened.', $iso),
            );
        }
        if ($this->request->flash && $this->request->silent) {
            $this->meetOnce('flash-silent', 0.0, 'The flash does not fire with the silent shutter.');
        }
    }

    /** With half-stop dials up to a quarter stop cannot be set away. */
    private function noteCoarseDials(Stops $error): void
    {
        if (
            $this->limits === [] &&
            $this->request->body->increment === StopIncrement::Half &&
            abs($error->value) > 1 / 6
        ) {
            $this->meet(
                'half-stop-dials',
                0.5,
                sprintf('The dials go in half stops; %.2f stop is left.', abs($error->value)),
            );
        }
    }

    private function meet(string $what, float $value, string $message): void
    {
        $this->limits[] = new LimitMet($what, $value, $message);
    }

    private function meetOnce(string $what, float $value, string $message): void
    {
        if (! $this->hasMet($what)) {
            $this->meet($what, $value, $message);
        }
    }

    private function hasMet(string $what): bool
    {
        return in_array($what, array_column($this->limits, 'what'), true);
    }
}
