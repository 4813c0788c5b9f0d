<?php

declare(strict_types=1);

namespace TruePupil\Core\Capture;

use TruePupil\Core\Kit\Body;
use TruePupil\Core\Kit\BodyKind;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Kit\Lens;
use TruePupil\Core\Kit\Reach;
use TruePupil\Core\Kit\Support;

/**
 * A kit made up from one frame's record, for want of a real one: the lens as its description has it, else as it was
 * used, on a typical body of its format.
 */
final class RecordedKit
{
    /** Of nearly every sensor. */
    private const USUAL_BASE = 100.0;

    /** @return ?Kit null while focal length, format or aperture is not recorded */
    public static function of(CaptureRecord $record): ?Kit
    {
        $format = $record->format();
        $aperture = $record->exposure->fNumber;
        $focalLength = $record->lens->focalLength;
        if ($focalLength === null || $format === null || $aperture === null) {
            return null;
        }
        // Nobody can promise that it opens further than it did, unless the file says so.
        $seen = min($record->lens->widestFNumber ?? INF, $aperture->nominal());
        $range = $record->lens->range;
        $isWithin =
            $range !== null && $focalLength >= $range->minFocal * 0.95 && $focalLength <= $range->maxFocal * 1.05;
        $smallest = max(SmallestAperture::of($record) ?? 0.0, $aperture->nominal(), $range->widestAtMax ?? 0.0);
        $name = $record->lens->name ?? 'the lens used';
        $lens = $isWithin
            ? new Lens(
                $name,
                min($range->minFocal, $focalLength),
                max($range->maxFocal, $focalLength),
                $range->widestAtMin ?? $seen,
                $range->widestAtMax ?? $seen,
                $smallest,
            )
            : Lens::prime($name, $focalLength, $seen, $smallest);

        return new Kit(
            new Body(
                $record->camera->model ?? 'the body used',
                $format->nearestNamed(),
                Reach::assumed($record->settings(), self::USUAL_BASE)->limits(),
                kind: SmallestAperture::isPhone($record) ? BodyKind::Phone : BodyKind::Camera,
            ),
            [$lens],
            [$record->support ?? Support::Hand],
        );
    }
}
