<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use TruePupil\Core\Capture\ExposureMode;
use TruePupil\Core\Capture\Support;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Findings\Situation;

/** A frame's exposure kept while aperture or time changes: ISO answers, and below the lowest a filter does. */
final class SameExposure
{
    /** Where no kit says how far ISO goes. */
    private const ISO_CEILING = 12800.0;

    /**
     * @param  string  $gain  what the new value is for
     * @return ?Suggestion null when settings are not known or ISO would have to go beyond the body
     */
    public static function with(Situation $situation, string $gain, ?Aperture $aperture = null, ?ExposureTime $time = null, ?Support $support = null): ?Suggestion
    {
        $before = $situation->record->settings();
        if ($before === null) {
            return null;
        }
        $moved = new ExposureSettings($aperture ?? $before->aperture, $time ?? $before->time, $before->iso);
        $wanted = $before->iso->exact / $moved->stopsBrighterThan($before)->ratio();
        $lowest = $situation->lowestIso();
        if ($wanted > ($situation->kit->body->limits->isoMax ?? self::ISO_CEILING) * 2 ** (1 / 6)) {
            return null;
        }
        $iso = Iso::nearest(max($wanted, $lowest->exact));
        // Whole thirds, as filters are sold and combined.
        $filter = max(0.0, round(3 * log($iso->exact / $wanted, 2)) / 3);
        $settings = $moved->withIso($iso);
        $noisier = $iso->stopsMoreThan($before->iso);
        $costs = array_values(array_filter([
            $noisier->inThirds() > 0 ? sprintf('%s more noise', $noisier->inWords()) : null,
            $filter > 0 ? sprintf('a filter of %s', Stops::of($filter)->inWords()) : null,
            $support !== null && $support !== Support::Hand && $support !== $situation->record->support ? sprintf('needs support: %s', $support->label()) : null,
        ]));
        $gains = $noisier->inThirds() < 0 ? [$gain, sprintf('%s cleaner', Stops::of(-$noisier->value)->inWords())] : [$gain];

        return new Suggestion(
            kind: $time !== null ? 'time' : 'aperture',
            title: sprintf('Change to %s%s', $settings, $filter > 0 ? sprintf(' behind a filter of %s', Stops::of($filter)->inWords()) : ''),
            settings: $settings,
            mode: match (true) {
                ! $situation->record->mode->followsTheMeter() => $situation->record->mode,
                $aperture !== null && $time !== null => ExposureMode::Manual,
                default => $time !== null ? ExposureMode::Shutter : ExposureMode::Aperture,
            },
            compensation: null,
            lens: $situation->record->lens,
            focalLength: $situation->record->focalLength,
            support: $support ?? $situation->record->support,
            gains: $gains,
            costs: $costs,
            filterStops: $filter,
        );
    }
}
