<?php

declare(strict_types=1);

namespace App\Calculators;

use InvalidArgumentException;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Json\InvalidFields;
use TruePupil\Core\Kit\AutoIso;
use TruePupil\Core\Kit\BodyLimits;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\KitFormat;
use TruePupil\Core\Kit\LensLimits;
use TruePupil\Core\Modes\ExposureRequest;
use TruePupil\Core\Modes\SetValues;
use TruePupil\Core\Optics\SensorFormat;

/** Reads an exposure request from decoded JSON; what is missing keeps the body's ordinary values. */
final class ExposeInput
{
    private const KEYS = [
        'sceneEv100', 'mode', 'lens', 'body', 'set', 'autoIso', 'compensation', 'filterStops', 'flash', 'silent',
    ];

    /** @throws InvalidArgumentException naming the key at fault */
    public static function read(Fields $data): ExposureRequest
    {
        $data->refuseOthers(self::KEYS);
        $mode = $data->choice('mode', ExposureMode::class) ?? throw InvalidFields::missing('mode');
        if ($mode === ExposureMode::Unknown) {
            throw InvalidFields::expected('mode', 'a mode that decides something', $mode->value);
        }
        [$set, $lens] = [$data->part('set'), $data->part('lens')];
        $body = KitFormat::limits($data->part('body'));
        $fNumber = $set->positiveOrNull('fNumber');
        $time = $set->positiveOrNull('exposureTime');

        return new ExposureRequest(
            sceneEv100: $data->number('sceneEv100'),
            mode: $mode,
            lens: new LensLimits(
                $lens->positiveOr('widest', 1.0),
                $lens->positiveOr('smallest', 22.0),
                $lens->positiveOrNull('focalLength'),
            ),
            body: $body,
            set: new SetValues(
                aperture: $fNumber === null ? null : Aperture::of($fNumber),
                time: $time === null ? null : ExposureTime::of($time),
                iso: ! $set->has('iso') || $set->raw('iso') === 'auto' ? null : Iso::of($set->positive('iso')),
                autoIso: $data->has('autoIso') ? self::autoIso($data, $body) : null,
                compensation: $data->numberOr('compensation', 0.0),
            ),
            filterStops: $data->numberOr('filterStops', 0.0),
            flash: $data->flag('flash') ?? false,
            silent: $data->flag('silent') ?? false,
        );
    }

    /** "slowest" is a time in seconds, or "focal-length" to follow it, "stopsSlower" moving that. */
    private static function autoIso(Fields $data, BodyLimits $body): AutoIso
    {
        $automatic = $data->part('autoIso');
        $floor = $automatic->positiveOr('floor', $body->isoMin);
        $ceiling = $automatic->positiveOr('ceiling', $body->isoMax);
        if ($automatic->raw('slowest') !== 'focal-length') {
            return new AutoIso($floor, $ceiling, $automatic->positiveOrNull('slowest'));
        }

        return AutoIso::byFocalLength(
            $floor,
            $ceiling,
            $data->part('lens')->positive('focalLength'),
            SensorFormat::parse($data->part('body')->textOrNull('format') ?? '36x24'),
            $automatic->numberOr('stopsSlower', 0.0),
        );
    }
}
