<?php

declare(strict_types=1);

namespace TruePupil\Core\Situation;

use TruePupil\Core\Adviser\Suggestion;
use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Capture\RecordedExposure;
use TruePupil\Core\Capture\RecordedHandling;
use TruePupil\Core\Capture\RecordedLens;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Kit\Support;

/** A frame as it would be at other settings, to see what of its critique would be gone. */
final class RetakenFrame
{
    /**
     * The same scene taken at other settings: the record as it would be, and the picture as much brighter or darker.
     *
     * What was lost stays lost when it is darkened; a picture cannot tell how much brighter it had been.
     */
    public static function of(Situation $situation, Suggestion $suggestion): Situation
    {
        $before = $situation->record->settings();
        $brighter =
            $before === null
                ? 0.0
                : $situation->ev100Of($before)->minus($situation->ev100Of($suggestion->exposure->settings))->value -
                    $suggestion->exposure->filterStops;
        $format = $situation->format();
        $focalLength = $suggestion->lens->focalLength ?? $situation->record->lens->focalLength;
        $taken = $situation->record;
        [$exposure, $lens, $handling] = [$taken->exposure, $taken->lens, $taken->handling];
        $record = new CaptureRecord(
            $situation->record->camera,
            new RecordedLens(
                $suggestion->lens->name ?? $lens->name,
                $focalLength,
                $focalLength === null || $format === null ? $lens->focalLength35 : $focalLength * $format->crop(),
                $suggestion->lens->name === $lens->name ? $lens->widestFNumber : null,
                $suggestion->lens->name === null || $suggestion->lens->name === $lens->name ? $lens->range : null,
            ),
            new RecordedExposure(
                $suggestion->exposure->settings->aperture,
                $suggestion->exposure->settings->time,
                $suggestion->exposure->settings->iso,
                $exposure->isoAutomatic === null ? null : false,
                $suggestion->exposure->compensation ??
                    ($suggestion->exposure->mode->takesCompensation() ? $exposure->compensation : 0.0),
                $suggestion->exposure->mode,
                $exposure->metering,
                $exposure->flashFired,
            ),
            new RecordedHandling(
                $handling->whiteBalance,
                $handling->focusMode,
                $suggestion->lens->focusDistance ?? $handling->focusDistance,
                $handling->drive,
                $suggestion->support === Support::Tripod && $handling->stabiliser !== null
                    ? false
                    : $handling->stabiliser,
                $handling->silent,
                $handling->kelvin,
                $handling->focusPoint,
                $handling->processing,
            ),
            $situation->record->takenAt,
            $suggestion->support ?? $situation->record->support,
            $situation->record->provenance,
            $situation->record->origin,
        );

        return new Situation(
            record: $record,
            measures: $situation->measures->brightened(Stops::of($brighter)),
            approach: $situation->approach,
            assignment: new Assignment($situation->assignment->brief, $situation->assignment->wanted),
            kit: $situation->kit,
            statement: $situation->statement,
            earlier: $situation->earlier,
            file: $situation->file,
        );
    }
}
