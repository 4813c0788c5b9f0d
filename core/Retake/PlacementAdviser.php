<?php

declare(strict_types=1);

namespace TruePupil\Core\Retake;

use TruePupil\Core\Adviser\SuggestedEffect;
use TruePupil\Core\Adviser\SuggestedExposure;
use TruePupil\Core\Adviser\SuggestedLens;
use TruePupil\Core\Adviser\Suggestion;
use TruePupil\Core\Approach\Start;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Reach;
use TruePupil\Core\Situation\Situation;

/**
 * Settings that would have placed the subject where the brief wants it, moving one value at a time.
 *
 * Exact and exhaustive: the exposure must change by the placement error, turned round, to the nearest third. Each way
 * of doing that is worked out, the ones the camera cannot do are left out, and the rest are put in order of what they
 * cost.
 */
final class PlacementAdviser
{
    private const MOST = 3;

    /** Within a third of a stop, the finest step of most dials, a subject sits where the brief wants it. */
    private const IN_PLACE = 1 / 3;

    /** Costs per stop, so that kinds can be compared: shake ruins a frame, noise and depth only change it. */
    private const SHAKE_WEIGHT = 4.0;

    private const NOISE_WEIGHT = 0.6;

    private const DEPTH_WEIGHT = 0.8;

    /** Stops that compensation goes either way on most bodies. */
    public const COMPENSATION_END = 5.0;

    /**
     * @return list<Suggestion>
     *   the cheapest first, at most three; none when nothing needs to move or too little is known
     */
    public function suggest(Situation $situation): array
    {
        $settings = $situation->record->settings();
        $error = $situation->exposureError();
        if ($settings === null || $error === null || $error->isWithin(Stops::of(self::IN_PLACE))) {
            return [];
        }
        $change = $situation->onDial($error->negated());
        // Compensation moves what the camera decides, and a person can always set another ISO with it.
        $kinds = match ($situation->record->exposure->mode) {
            ExposureMode::Aperture, ExposureMode::Program => ['time', 'iso', 'time-and-iso'],
            ExposureMode::Shutter => ['aperture', 'iso'],
            ExposureMode::ManualAutoIso => ['iso'],
            default => ['time', 'iso', 'aperture', 'time-and-iso'],
        };
        if ($situation->isByApp()) {
            // It mixes both as it likes.
            $kinds = ['time', 'iso', 'time-and-iso'];
        }
        if ($situation->isFilm()) {
            $kinds = ['time', 'aperture'];
        }
        // A flash is over long before the shutter closes: time lights the surroundings and not what it lit.
        if ($situation->isLitByFlash()) {
            $kinds = $situation->isFilm() ? ['aperture'] : ['aperture', 'iso'];
        }
        $ways = array_filter(
            array_map(
                fn (string $kind): ?array => match ($kind) {
                    'time' => $this->byTime($situation, $settings, $change),
                    'iso' => $this->byIso($situation, $settings, $change),
                    'aperture' => $this->byAperture($situation, $settings, $change),
                    'time-and-iso' => $this->byTimeThenIso($situation, $settings, $change),
                },
                $kinds,
            ),
        );
        usort($ways, fn (array $a, array $b): int => $a['cost'] <=> $b['cost']);

        return array_map(
            fn (array $way): Suggestion => $way['suggestion'],
            array_slice($ways, 0, $situation->isByApp() ? 1 : self::MOST),
        );
    }

    /** @return ?array{cost: float, suggestion: Suggestion} */
    private function byTime(Situation $situation, ExposureSettings $settings, Stops $change): ?array
    {
        // Beyond a second a film tires: what is missing takes longer than the stops alone say.
        $seconds = $situation->kit?->film?->timeWith($change, $settings->time->exact)
            ?? $settings->time->exact * $change->ratio();
        $time = $this->timeOnScale($seconds, $situation->reach());

        return $time === null ? null : $this->way($situation, $settings, $settings->withTime($time), 'time', $change);
    }

    /** @return ?array{cost: float, suggestion: Suggestion} */
    private function byIso(Situation $situation, ExposureSettings $settings, Stops $change): ?array
    {
        $iso = Iso::nearest($settings->iso->exact * $change->ratio(), $situation->increment());
        if (! $situation->reach()->hasIso($iso, $situation->baseIso()->exact)) {
            return null;
        }

        return $this->way($situation, $settings, $settings->withIso($iso), 'iso', $change);
    }

    /** @return ?array{cost: float, suggestion: Suggestion} */
    private function byAperture(Situation $situation, ExposureSettings $settings, Stops $change): ?array
    {
        $aperture = Aperture::nearest($settings->aperture->exact / sqrt($change->ratio()), $situation->increment());
        // Without the lens's ends nobody can promise that it opens or closes further than it did.
        if ($situation->hasOneAperture() || ! $situation->reach()->hasAperture($aperture, $settings->aperture)) {
            return null;
        }

        return $this->way($situation, $settings, $settings->withAperture($aperture), 'aperture', $change);
    }

    /**
     * More light than hands allow by time alone: as much time as they hold, and ISO for the rest.
     *
     * @return ?array{cost: float, suggestion: Suggestion}
     */
    private function byTimeThenIso(Situation $situation, ExposureSettings $settings, Stops $change): ?array
    {
        $limit = $situation->handHeldLimit();
        if ($limit === null || $change->value <= 0) {
            return null;
        }
        // Whole steps downwards, so that the time stays within the limit.
        $steps = $situation->increment()->perStop();
        $room = floor($limit->roomFor($settings->time->exact)->value * $steps + 0.01) / $steps;
        if ($room <= 0 || $room >= $change->value) {
            return null;
        }
        $time = $this->timeOnScale($settings->time->exact * 2 ** $room, $situation->reach());
        $iso = Iso::nearest($settings->iso->exact * 2 ** ($change->value - $room), $situation->increment());
        if ($time === null || ! $situation->reach()->hasIso($iso)) {
            return null;
        }

        return $this->way($situation, $settings, $settings->withTime($time)->withIso($iso), 'time-and-iso', $change);
    }

    private function timeOnScale(float $seconds, Reach $reach): ?ExposureTime
    {
        $time = ExposureTime::nearest($seconds, $reach->increment);
        $isOff = abs(log($time->exact / $seconds, 2)) > 1 / (2 * $reach->increment->perStop()) + 1e-6;

        return $isOff || ! $reach->hasTime($time) ? null : $time;
    }

    /** @return array{cost: float, suggestion: Suggestion} */
    private function way(
        Situation $situation,
        ExposureSettings $from,
        ExposureSettings $to,
        string $kind,
        Stops $change,
    ): array {
        $record = $situation->record;
        $wanted = $situation->assignment->wanted;
        $gains = [
            $wanted === null || $situation->placementError() === null
                ? sprintf('%s %s light', $change->inWords(), $change->value > 0 ? 'more' : 'less')
                : sprintf(
                    'the %s sits at %s from mid-grey, where the brief wants it',
                    $wanted->label,
                    $wanted->stops->signed(),
                ),
        ];
        if ($situation->isLitByFlash()) {
            $gains[] = 'the flash itself could also give it: its power, or its distance';
        }
        $costs = [];
        $cost = 0.0;

        $limit = $situation->handHeldLimit();
        $beyond = $limit === null ? 0.0 : -$limit->roomFor($to->time->exact)->value;
        if ($limit !== null && $beyond > 1 / 6) {
            $costs[] = sprintf(
                '%s past what hands hold still: brace the camera or use a tripod',
                Stops::of($beyond)->inWords(),
            );
            $cost += self::SHAKE_WEIGHT * $beyond;
        }
        $shorter = $from->time->stopsMoreLightThan($to->time);
        if ($shorter->inThirds() > 0) {
            $gains[] = sprintf('%s safer from movement and shake', $shorter->inWords());
        } elseif ($shorter->inThirds() < 0 && $beyond <= 1 / 6) {
            $costs[] = sprintf('movement smears %s longer', $shorter->inWords());
        }
        $noisier = $to->iso->stopsMoreThan($from->iso);
        if ($noisier->inThirds() > 0) {
            $costs[] = sprintf('%s more noise', $noisier->inWords());
        } elseif ($noisier->inThirds() < 0) {
            $gains[] = sprintf('%s cleaner', $noisier->inWords());
        }
        $cost += self::NOISE_WEIGHT * $noisier->value;
        $wider = $to->aperture->stopsMoreLightThan($from->aperture);
        if ($wider->inThirds() !== 0) {
            $costs[] = sprintf(
                'depth of field %s by %s of aperture',
                $wider->value > 0 ? 'shrinks' : 'grows',
                $wider->inWords(),
            );
            $cost += self::DEPTH_WEIGHT * abs($wider->value);
        }

        $told = ($record->exposure->compensation ?? 0.0) + $change->value;
        // A course that begins in manual is not told to steer the camera's choice, and no dial goes on for ever.
        $compensated =
            $record->exposure->mode->takesCompensation() &&
            // It would move the time, and with it only the surroundings.
            ! $situation->isLitByFlash() &&
            $situation->approach->start !== Start::Manual &&
            abs($told) <= self::COMPENSATION_END + 1e-6;

        return [
            'cost' => $cost,
            'suggestion' => new Suggestion(
                kind: $kind,
                title: $compensated || $situation->isByApp()
                    ? $this->titleByCompensation($situation, $from, $to, $change)
                    : $this->titleBySetting($situation, $to, $kind),
                exposure: new SuggestedExposure(
                    settings: $to,
                    mode: $compensated || ! $record->exposure->mode->followsTheMeter()
                        ? $record->exposure->mode
                        : ExposureMode::Manual,
                    compensation: $compensated ? $told : null,
                ),
                lens: new SuggestedLens(
                    name: $record->lens->name,
                    focalLength: $record->lens->focalLength,
                    widestFNumber: $record->lens->widestFNumber,
                ),
                support: $record->support,
                effect: new SuggestedEffect(gains: $gains, costs: $costs),
            ),
        ];
    }

    private function titleByCompensation(
        Situation $situation,
        ExposureSettings $from,
        ExposureSettings $to,
        Stops $change,
    ): string {
        // What the camera was told already, and what is still to be told.
        $told = Stops::of(($situation->record->exposure->compensation ?? 0.0) + $change->value)->signed();
        $iso = $to->iso->exact === $from->iso->exact ? '' : ' and '.$to->iso;
        if ($situation->isByApp()) {
            return sprintf(
                'Touch and hold the subject, then slide the brightness %s by about %s: the app goes to about %s, %s',
                $change->value > 0 ? 'up' : 'down',
                $change->inWords(),
                $to->time,
                $to->iso,
            );
        }

        return sprintf(
            'Set exposure compensation to %s%s: the camera then goes to %s at %s',
            $told,
            $iso,
            $to->time,
            $to->aperture,
        );
    }

    private function titleBySetting(Situation $situation, ExposureSettings $to, string $kind): string
    {
        if ($situation->record->exposure->mode->followsTheMeter()) {
            return sprintf('Switch to manual and set %s', $to);
        }

        return match ($kind) {
            'time' => sprintf('Change the exposure time to %s', $to->time),
            'iso' => sprintf('Change to %s', $to->iso),
            'aperture' => sprintf('Change the aperture to %s', $to->aperture),
            default => sprintf('Change to %s and %s', $to->time, $to->iso),
        };
    }
}
