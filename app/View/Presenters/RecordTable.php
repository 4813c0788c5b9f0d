<?php

declare(strict_types=1);

namespace App\View\Presenters;

use TruePupil\Core\Capture\CaptureRecord;
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
            $row('fNumber', 'Aperture', $record->fNumber?->__toString(), true),
            $row('exposureTime', 'Exposure time', $record->exposureTime?->__toString(), true),
            $row('iso', 'ISO', $record->iso?->__toString(), true),
            $row('mode', 'Mode', $record->mode === ExposureMode::Unknown ? null : $record->mode->label(), true),
            $row(
                'compensation',
                'Compensation',
                $record->compensation === null ? null : Stops::of($record->compensation)->signed(),
                true,
            ),
            $row(
                'metering',
                'Metering',
                $record->metering === MeteringPattern::Unknown ? null : $record->metering->label(),
            ),
            $row('focalLength', 'Focal length', $millimetres($record->focalLength), true),
            $row('focalLength35', '35 mm equivalent', $millimetres($record->focalLength35), true),
            $row('support', 'Held', $record->support?->label(), true),
            $row(
                'focusDistance',
                'Focus distance',
                $record->focusDistance === null ? null : round($record->focusDistance, 2).' m',
            ),
            $row(
                'flashFired',
                'Flash',
                $record->flashFired === null ? null : ($record->flashFired ? 'fired' : 'did not fire'),
            ),
            $row(
                'stabiliser',
                'Stabiliser',
                $record->stabiliser === null ? null : ($record->stabiliser ? 'on' : 'off'),
            ),
            $row(
                'silent',
                'Shutter',
                $record->silent === null ? null : ($record->silent ? 'electronic, silent' : 'mechanical'),
            ),
            $row('focusMode', 'Focus mode', $record->focusMode?->value),
            $row('drive', 'Drive', $record->drive?->value),
            $row('whiteBalance', 'White balance', $record->whiteBalance),
            $row('model', 'Camera', $record->model),
            $row('lens', 'Lens', $record->lens),
            $row('takenAt', 'Taken', $record->takenAt?->format('j M Y, H:i:s')),
        ];
    }

    /**
     * What a student could say and nobody has, named in one line.
     *
     * @param  list<RecordRow>  $rows
     */
    public static function missing(array $rows): string
    {
        $missing = array_filter($rows, fn (RecordRow $row): bool => $row->value === null && $row->asked);

        return implode(', ', array_map(fn (RecordRow $row): string => lcfirst($row->label), $missing));
    }
}
