<?php

declare(strict_types=1);

namespace TruePupil\Core\Kit;

use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Optics\SensorFormat;
use TruePupil\Core\Sensor\SensorModel;

/**
 * The range of a scene that one raw frame holds with shadows clean enough to show: the sensor's dynamic range less the
 * stops just above read noise, where signal-to-noise is too low for a picture.
 */
final class UsableRange
{
    /** Stops above read noise at which shadows become usable; a judgement of common practice. */
    private const CLEAN_FROM = 2.0;

    /** Pixels assumed where the body does not say. */
    private const TYPICAL_PIXELS = 24_000_000;

    public static function of(?Body $body, Iso $iso): Stops
    {
        return self::sensor($body)->dynamicRange($iso)->minus(Stops::of(self::CLEAN_FROM));
    }

    /** Stops of it that lie above mid-grey. */
    public static function headroom(?Body $body, Iso $iso): Stops
    {
        return self::sensor($body)->highlightHeadroom($iso);
    }

    private static function sensor(?Body $body): SensorModel
    {
        $format = $body->format ?? SensorFormat::fullFrame();
        $pixels =
            $body?->pixelsAcross === null
                ? self::TYPICAL_PIXELS
                : (int) round(($body->pixelsAcross ** 2 * $format->height) / $format->width);
        $base = $body === null ? Iso::of(100) : Iso::of($body->limits->isoBase);

        return SensorModel::typical($format, $pixels, $base);
    }
}
