<?php

declare(strict_types=1);

namespace TruePupil\Core\Plan;

use InvalidArgumentException;
use TruePupil\Core\Capture\ExposureMode;
use TruePupil\Core\Capture\Support;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Format\Fields;
use TruePupil\Core\Intent\IntentFormat;

/**
 * Reads a plan from decoded JSON: "intent" and "sceneEv100" as in a request for advice, and the planned settings under the
 * keys of a suggestion, either at the top or under "settings".
 */
final class PlanFormat
{
    /** @throws InvalidArgumentException naming what is wrong */
    public static function read(Fields $data): Plan
    {
        $settings = $data->has('settings') ? $data->part('settings') : $data;
        $light = fn (string $key): ?Ev100 => $data->has($key) ? Ev100::of($data->number($key)) : null;
        $fNumber = $settings->positiveOrNull('fNumber');
        $time = $settings->positiveOrNull('exposureTime');
        $iso = $settings->raw('iso') === 'auto' ? null : $settings->positiveOrNull('iso');

        return new Plan(
            fNumber: $fNumber === null ? null : Aperture::of($fNumber),
            exposureTime: $time === null ? null : ExposureTime::of($time),
            iso: $iso === null ? null : Iso::of($iso),
            compensation: $settings->numberOrNull('compensation'),
            mode: $settings->choice('mode', ExposureMode::class),
            focalLength: $settings->positiveOrNull('focalLength'),
            support: $settings->choice('support', Support::class) ?? $data->choice('support', Support::class),
            filterStops: $settings->numberOrNull('filterStops'),
            light: $light('sceneEv100'),
            shadowReading: $light('shadowEv100'),
            intent: IntentFormat::read($data->part('intent')),
        );
    }
}
