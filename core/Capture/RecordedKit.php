<?php

declare(strict_types=1);

namespace TruePupil\Core\Capture;

use TruePupil\Core\Kit\Body;
use TruePupil\Core\Kit\BodyKind;
use TruePupil\Core\Kit\ExposureMode;
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

    /**
     * What a frame was taken with: its owner's kit, or the phone that its record tells of where that kit is a camera's.
     * What it stood on is told by the kit in either case.
     */
    public static function orOwn(?Kit $own, CaptureRecord $record): ?Kit
    {
        if ($own === null || $own->body->kind === BodyKind::Phone || ! SmallestAperture::isPhone($record)) {
            return $own;
        }
        $phone = self::of($record);

        return $phone === null ? $own : new Kit($phone->body, $phone->lenses, $own->supports);
    }

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

        $isPhone = SmallestAperture::isPhone($record);

        return new Kit(
            new Body(
                $record->camera->model ?? 'the body used',
                $format->nearestNamed(),
                Reach::assumed($record->settings(), self::USUAL_BASE)->limits(),
                kind: $isPhone ? BodyKind::Phone : BodyKind::Camera,
                // The app that a phone comes with sets neither; one that does records that it was set by hand.
                setsTime: ! $isPhone || $record->exposure->mode === ExposureMode::Manual,
            ),
            [$lens],
            [$record->support ?? Support::Hand],
        );
    }
}
