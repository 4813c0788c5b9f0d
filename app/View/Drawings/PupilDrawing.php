<?php

declare(strict_types=1);

namespace App\View\Drawings;

use TruePupil\Core\Adviser\Suggestion;
use TruePupil\Core\Capture\CaptureRecord;
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
        return $suggestion->focalLength === null
            ? null
            : self::of(
                new CaptureRecord(
                    fNumber: $suggestion->settings->aperture,
                    focalLength: $suggestion->focalLength,
                    widestFNumber: $suggestion->widestFNumber,
                ),
            );
    }

    public static function of(CaptureRecord $record): ?self
    {
        if ($record->focalLength === null || $record->fNumber === null) {
            return null;
        }
        $pupil = EntrancePupil::of($record->focalLength, $record->fNumber);
        $widest =
            $record->widestFNumber === null
                ? null
                : EntrancePupil::of($record->focalLength, Aperture::of($record->widestFNumber));
        $label = sprintf(
            '%s mm at %s: a pupil %.1f mm across',
            round($record->focalLength),
            $record->fNumber,
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
