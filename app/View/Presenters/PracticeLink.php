<?php

declare(strict_types=1);

namespace App\View\Presenters;

use TruePupil\Core\Exposure\ExposureSettings;

/** The way from a plan or a frame to the practice camera. */
final class PracticeLink
{
    /** Its address in a scene, set by hand; null where there are no settings or there is no scene. */
    public static function to(?string $scene, ?ExposureSettings $settings): ?string
    {
        if ($settings === null || $scene === null) {
            return null;
        }
        $seconds = $settings->time->nominal();

        return route('practice.show', [
            'scene' => $scene,
            'mode' => 'manual',
            'n' => $settings->aperture->nominal(),
            't' => $seconds < 0.3 ? '1/'.round(1 / $seconds) : $seconds,
            'iso' => $settings->iso->nominal(),
        ]);
    }
}
