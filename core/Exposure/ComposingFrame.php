<?php

declare(strict_types=1);

namespace TruePupil\Core\Exposure;

/**
 * In the dark a picture is composed by short frames at a high ISO. The one that is right gives the time of the frame
 * that is kept: as long as aperture and ISO take light away.
 */
final class ComposingFrame
{
    /** From this time on, in s, cameras that subtract a dark frame do so. */
    private const LONG = 1.0;

    /**
     * t·(ISO/ISO′)·(N′/N)², in seconds.
     *
     * @param  ExposureSettings  $composing  what the frame that looks right was taken with
     */
    public static function finalTime(ExposureSettings $composing, Aperture $aperture, Iso $iso): float
    {
        return $composing->time->exact *
            ($composing->iso->exact / $iso->exact) *
            ($aperture->exact / $composing->aperture->exact) ** 2;
    }

    /**
     * How long one waits for a frame, in seconds, where the camera takes a dark frame after a long one to subtract its
     * noise: as long again.
     */
    public static function wait(float $seconds): float
    {
        return $seconds < self::LONG ? $seconds : 2 * $seconds;
    }
}
