<?php

declare(strict_types=1);

namespace App\View\Presenters;

use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Capture\PictureOrigin;
use TruePupil\Core\Composition\PlaceName;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Metering\MeteringPattern;

/** A capture record as lines to read: the settings first, then what they were made with. */
final class RecordTable
{
    /** @return list<RecordRow> */
    public static function rows(CaptureRecord $record): array
    {
        $row = fn (string $field, string $label, ?string $value, bool $asked = false): RecordRow => new RecordRow(
            $field,
            $label,
            $value,
            $record->sourceOf($field),
            $asked,
        );
        $millimetres = fn (?float $value): ?string => $value === null ? null : round($value, 1).' mm';

        return [
            $row('fNumber', 'Aperture', $record->exposure->fNumber?->__toString(), true),
            $row('exposureTime', 'Exposure time', $record->exposure->exposureTime?->__toString(), true),
            $row('iso', 'ISO', $record->exposure->iso?->__toString(), true),
            $row(
                'mode',
                'Mode',
                $record->exposure->mode === ExposureMode::Unknown ? null : $record->exposure->mode->label(),
                true,
            ),
            $row(
                'compensation',
                'Compensation',
                $record->exposure->compensation === null ? null : Stops::of($record->exposure->compensation)->signed(),
                true,
            ),
            $row(
                'metering',
                'Metering',
                $record->exposure->metering === MeteringPattern::Unknown ? null : $record->exposure->metering->label(),
            ),
            $row('focalLength', 'Focal length', $millimetres($record->lens->focalLength), true),
            $row('focalLength35', '35 mm equivalent', $millimetres($record->lens->focalLength35), true),
            $row('support', 'Held', $record->support?->label(), $record->origin !== PictureOrigin::Aerial),
            $row(
                'focusDistance',
                'Focus distance',
                $record->handling->focusDistance === null ? null : round($record->handling->focusDistance, 2).' m',
            ),
            $row(
                'flashFired',
                'Flash',
                $record->exposure->flashFired === null
                    ? null
                    : ($record->exposure->flashFired
                        ? 'fired'
                        : 'did not fire'),
            ),
            $row(
                'stabiliser',
                'Stabiliser',
                $record->handling->stabiliser === null ? null : ($record->handling->stabiliser ? 'on' : 'off'),
            ),
            $row(
                'silent',
                'Shutter',
                $record->handling->silent === null
                    ? null
                    : ($record->handling->silent
                        ? 'electronic, silent'
                        : 'mechanical'),
            ),
            $row('focusMode', 'Focus mode', $record->handling->focusMode?->value),
            $row('drive', 'Drive', $record->handling->drive?->value),
            $row('whiteBalance', 'White balance', self::whiteBalance($record)),
            $row('style', 'Picture style', $record->handling->processing->style),
            $row('highIsoNoise', 'Noise reduction', $record->handling->processing->highIsoNoise),
            $row('longExposureNoise', 'For long exposures', $record->handling->processing->longExposureNoise),
            $row('focusPoint', 'Focus point', self::focusPoint($record)),
            $row('model', 'Camera', $record->camera->model),
            $row('lens', 'Lens', $record->lens->name),
            $row('takenAt', 'Taken', self::taken($record)),
            $row('origin', 'Comes from', $record->origin?->label(), true),
        ];
    }

    private static function whiteBalance(CaptureRecord $record): ?string
    {
        $words = ['auto' => 'automatic', 'set' => 'set by hand'][$record->handling->whiteBalance ?? ''] ?? null;
        $kelvin = $record->handling->kelvin;

        return $kelvin === null ? $words : trim(($words ?? '').', '.$kelvin.' K', ', ');
    }

    private static function focusPoint(CaptureRecord $record): ?string
    {
        $point = $record->handling->focusPoint;

        return $point === null ? null : PlaceName::of($point->x, $point->y);
    }

    /** By the camera's clock, with its offset where the file records one. */
    private static function taken(CaptureRecord $record): ?string
    {
        $zoned = $record->takenAt?->getTimezone()->getName() !== 'UTC' ? ' P' : '';

        return $record->takenAt?->format('j M Y, H:i:s'.$zoned);
    }

    /**
     * What a student could say and nobody has, named in one line; most pictures come from nowhere else.
     *
     * @param  list<RecordRow>  $rows
     */
    public static function missing(array $rows): string
    {
        $missing = array_filter($rows, fn (RecordRow $row): bool => $row->value === null && $row->asked &&
            $row->field !== 'origin');

        return implode(', ', array_map(fn (RecordRow $row): string => lcfirst($row->label), $missing));
    }
}
