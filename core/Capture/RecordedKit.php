<?php

declare(strict_types=1);

namespace TruePupil\Core\Capture;

use TruePupil\Core\Kit\Body;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Kit\Lens;
use TruePupil\Core\Kit\Support;

/**
 * A kit made up from one frame's record, for want of a real one: the lens as it was used on a typical body of its
 * format.
 */
final class RecordedKit
{
    /** Lenses commonly close to here. */
    private const SMALLEST = 22.0;

    /** @return ?Kit null while focal length, format or aperture is not recorded */
    public static function of(CaptureRecord $record): ?Kit
    {
        $format = $record->format();
        if ($record->lens->focalLength === null || $format === null || $record->exposure->fNumber === null) {
            return null;
        }
        // Nobody can promise that it opens further than it did, unless the file says so.
        $widest = min($record->lens->widestFNumber ?? INF, $record->exposure->fNumber->nominal());
        $lens = Lens::prime(
            $record->lens->name ?? 'the lens used',
            $record->lens->focalLength,
            $widest,
            max(self::SMALLEST, $record->exposure->fNumber->nominal()),
        );

        return new Kit(
            new Body($record->camera->model ?? 'the body used', $format),
            [$lens],
            [$record->support ?? Support::Hand],
        );
    }
}
