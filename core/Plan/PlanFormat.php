<?php

declare(strict_types=1);

namespace TruePupil\Core\Plan;

use DateTimeImmutable;
use Exception;
use InvalidArgumentException;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Intent\IntentFormat;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Sky\Location;

/**
 * Reads a plan from decoded JSON: "intent" and "sceneEv100" as in a request for advice, and the planned settings under
 * the keys of a suggestion, either at the top or under "settings".
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
            exposure: new PlannedExposure(
                fNumber: $fNumber === null ? null : Aperture::of($fNumber),
                exposureTime: $time === null ? null : ExposureTime::of($time),
                iso: $iso === null ? null : Iso::of($iso),
                compensation: $settings->numberOrNull('compensation'),
                mode: $settings->choice('mode', ExposureMode::class),
                filterStops: $settings->numberOrNull('filterStops'),
            ),
            focalLength: $settings->positiveOrNull('focalLength'),
            support: $settings->choice('support', Support::class) ?? $data->choice('support', Support::class),
            readings: new LightReadings(light: $light('sceneEv100'), shadow: $light('shadowEv100')),
            intent: IntentFormat::read($data->part('intent')),
            outing: $data->has('outing') ? self::outing($data->part('outing')) : null,
        );
    }

    /** "latitude", "longitude" and "bearing" in degrees, "at" as ISO 8601 with its offset. */
    private static function outing(Fields $data): Outing
    {
        $at = $data->raw('at');
        if (! is_string($at) || trim($at) === '') {
            throw new InvalidArgumentException('"outing.at" must be a date and time.');
        }
        try {
            $moment = new DateTimeImmutable($at);
        } catch (Exception) {
            throw new InvalidArgumentException(sprintf('"outing.at" is no date and time: "%s".', $at));
        }

        return new Outing(
            Location::of($data->number('latitude'), $data->number('longitude')),
            $moment,
            $data->numberOrNull('bearing'),
        );
    }
}
