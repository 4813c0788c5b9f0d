<?php

declare(strict_types=1);

namespace App\View\Drawings;

use TruePupil\Core\Adviser\Suggestion;
use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Capture\RecordedExposure;
use TruePupil\Core\Capture\RecordedLens;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Optics\EntrancePupil;

/** The entrance pupil as a circle at true scale, inside the lens's widest where that is known. Diameters in mm. */
final readonly class PupilDrawing
{
    private function __construct(public float $diameter, public ?float $widest, public string $label)
    {
    }

    public static function ofSuggestion(Suggestion $suggestion): ?self
    {
        return $suggestion->lens->focalLength === null
            ? null
            : self::of(
                new CaptureRecord(
                    exposure: new RecordedExposure(fNumber: $suggestion->exposure->settings->aperture),
                    lens: new RecordedLens(
                        focalLength: $suggestion->lens->focalLength,
                        widestFNumber: $suggestion->lens->widestFNumber,
                    ),
                ),
            );
    }

    public static function of(CaptureRecord $record): ?self
    {
        if ($record->lens->focalLength === null || $record->exposure->fNumber === null) {
            return null;
        }
        $pupil = EntrancePupil::of($record->lens->focalLength, $record->exposure->fNumber);
        $widest =
            $record->lens->widestFNumber === null
                ? null
                : EntrancePupil::of($record->lens->focalLength, Aperture::of($record->lens->widestFNumber));
        $label = sprintf(
            '%s mm at %s: a pupil %.1f mm across',
            round($record->lens->focalLength),
            $record->exposure->fNumber,
            $pupil->millimetres,
        );

        return new self(
            $pupil->millimetres,
            $widest === null || $widest->millimetres < $pupil->millimetres * 1.02 ? null : $widest->millimetres,
            $widest === null ? $label.'.' : sprintf('%s; the lens opens to %.1f mm.', $label, $widest->millimetres),
        );
    }

    public function box(): float
    {
        return max($this->diameter, $this->widest ?? 0.0) + 2;
    }
}
