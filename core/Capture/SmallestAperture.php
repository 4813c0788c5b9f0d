<?php

declare(strict_types=1);

namespace TruePupil\Core\Capture;

/**
 * The smallest aperture of the lens of a frame, as far as it can be known without its description. Lenses that come off
 * their body commonly close to f/22. Phones have one aperture, and compact cameras close to anything from f/8 to f/16.
 */
final class SmallestAperture
{
    private const OF_INTERCHANGEABLE = 22.0;

    /** Bodies with smaller sensors than this, by the crop of the diagonal, have a lens of their own. */
    private const COMPACT_FROM = 2.2;

    /** Sensors of phones. */
    private const PHONE_FROM = 3.4;

    /** @return ?float f-number; null where nobody can say */
    public static function of(CaptureRecord $record): ?float
    {
        $crop = $record->format()?->crop();

        return match (true) {
            $crop === null => null,
            self::isFixed($record) => $record->exposure->fNumber?->nominal(),
            $crop >= self::COMPACT_FROM => null,
            default => max(self::OF_INTERCHANGEABLE, $record->lens->range->widestAtMax ?? 0.0),
        };
    }

    /** Whether the lens has one aperture that nobody can change. */
    public static function isFixed(CaptureRecord $record): bool
    {
        $crop = $record->format()?->crop();

        return $crop !== null && $crop >= self::PHONE_FROM && ! ($record->lens->range?->isZoom() ?? false);
    }

    /** Whether it was a telephone, by its small sensor and its one aperture; a camera in the air has those too. */
    public static function isPhone(CaptureRecord $record): bool
    {
        return self::isFixed($record) && $record->origin !== PictureOrigin::Aerial;
    }
}
