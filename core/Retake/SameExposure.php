<?php

declare(strict_types=1);

namespace TruePupil\Core\Retake;

use TruePupil\Core\Adviser\SuggestedEffect;
use TruePupil\Core\Adviser\SuggestedExposure;
use TruePupil\Core\Adviser\SuggestedLens;
use TruePupil\Core\Adviser\Suggestion;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\StopIncrement;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Situation\Situation;

/** A frame's exposure kept while aperture or time changes: ISO answers, and below the lowest a filter does. */
final class SameExposure
{
    /**
     * @param  string  $gain  what the new value is for
     * @return ?Suggestion null when settings are not known or ISO would have to go beyond the body
     */
    public static function with(
        Situation $situation,
        string $gain,
        ?Aperture $aperture = null,
        ?ExposureTime $time = null,
        ?Support $support = null,
    ): ?Suggestion {
        $before = $situation->record->settings();
        if ($before === null || ! self::canBeSet($situation, $before, $aperture, $time)) {
            return null;
        }
        $increment = $situation->increment();
        // Rules think in thirds, as most dials step; a dial in halves takes what is nearest.
        if ($increment === StopIncrement::Half) {
            $aperture = $aperture === null ? null : Aperture::nearest($aperture->exact, $increment);
            $time = $time === null ? null : ExposureTime::nearest($time->exact, $increment);
        }
        $moved = new ExposureSettings($aperture ?? $before->aperture, $time ?? $before->time, $before->iso);
        if ($situation->isFilm()) {
            $moved = self::atOneSpeed($situation, $before, $aperture, $time);
            if (! self::canBeSet($situation, $before, $moved->aperture, $moved->time)) {
                return null;
            }
        }
        $wanted = $before->iso->exact / $moved->stopsBrighterThan($before)->ratio();
        $lowest = $situation->isFilm() ? $before->iso : $situation->lowestIso();
        $highest = $situation->reach()->highestIso;
        if (! $situation->isFilm() && $wanted > $highest * 2 ** (1 / 6)) {
            return null;
        }
        $iso = Iso::nearest(max($wanted, $lowest->exact), $increment);
        $isFree = $time === null && $iso->exact > $wanted * 2 ** (1 / 6);
        // A shorter time costs nothing where only the aperture was to move; a filter is the last resort.
        $moved = $isFree ? self::shortened($situation, $moved, $wanted / $iso->exact) : $moved;
        $wanted = $isFree ? $before->iso->exact / $moved->stopsBrighterThan($before)->ratio() : $wanted;
        // Whole thirds, as filters are sold and combined.
        $filter = max(0.0, round(3 * log($iso->exact / $wanted, 2)) / 3);
        $settings = $moved->withIso($iso);
        $noisier = $iso->stopsMoreThan($before->iso);
        $costs = array_values(
            array_filter([
                $noisier->inThirds() > 0 ? sprintf('%s more noise', $noisier->inWords()) : null,
                $filter > 0 ? sprintf('a filter of %s', Stops::of($filter)->inWords()) : null,
                $support !== null && $support !== Support::Hand && $support !== $situation->record->support
                    ? sprintf('it has to stand: %s', $support->label())
                    : null,
            ]),
        );
        $gains =
            $noisier->inThirds() < 0 ? [$gain, sprintf('%s cleaner', Stops::of(-$noisier->value)->inWords())] : [$gain];

        return new Suggestion(
            kind: $time !== null ? 'time' : 'aperture',
            title: sprintf(
                'Change to %s%s',
                $settings,
                $filter > 0 ? sprintf(' behind a filter of %s', Stops::of($filter)->inWords()) : '',
            ),
            exposure: new SuggestedExposure(
                settings: $settings,
                mode: match (true) {
                    ! $situation->record->exposure->mode->followsTheMeter() => $situation->record->exposure->mode,
                    $aperture !== null && $time !== null => ExposureMode::Manual,
                    default => $time !== null ? ExposureMode::Shutter : ExposureMode::Aperture,
                },
                compensation: null,
                filterStops: $filter,
            ),
            lens: new SuggestedLens(
                name: $situation->record->lens->name,
                focalLength: $situation->record->lens->focalLength,
                widestFNumber: $situation->widest()?->nominal(),
            ),
            support: $support ?? $situation->record->support,
            effect: new SuggestedEffect(gains: $gains, costs: $costs),
        );
    }

    /** On film aperture and time answer one another. */
    private static function atOneSpeed(
        Situation $situation,
        ExposureSettings $before,
        ?Aperture $aperture,
        ?ExposureTime $time,
    ): ExposureSettings {
        if ($aperture === null && $time !== null) {
            $more = $situation->ev100Of($before)->minus($situation->ev100Of($before->withTime($time)));
            $aperture = Aperture::nearest($before->aperture->exact * 2 ** ($more->value / 2));
        }
        $aperture ??= $before->aperture;
        $less = $before->aperture->stopsMoreLightThan($aperture);
        $seconds = $situation->kit?->film?->timeWith($less, $before->time->exact) ?? $before->time->exact;
        $time ??= ExposureTime::nearest($seconds);

        return new ExposureSettings($aperture, $time, $before->iso);
    }

    /** @param  float  $share  of the light that is to be left */
    private static function shortened(Situation $situation, ExposureSettings $settings, float $share): ExposureSettings
    {
        $time = ExposureTime::nearest($settings->time->exact * $share);

        return $situation->reach()->hasTime($time) ? $settings->withTime($time) : $settings;
    }

    /**
     * Within what body and lens can do; a lens that nobody described opens no further than it was seen to, and closes
     * to a usual end.
     */
    private static function canBeSet(
        Situation $situation,
        ExposureSettings $before,
        ?Aperture $aperture,
        ?ExposureTime $time,
    ): bool {
        $reach = $situation->reach();

        return ($time === null || $reach->hasTime($time))
            && ($aperture === null || $reach->hasAperture($aperture, $before->aperture));
    }
}
