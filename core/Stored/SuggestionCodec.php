<?php

declare(strict_types=1);

namespace TruePupil\Core\Stored;

use TruePupil\Core\Adviser\Suggestion;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Support;

/**
 * Settings that were suggested, with what they gain and cost.
 *
 * @implements Codec<Suggestion>
 */
final class SuggestionCodec implements Codec
{
    public function version(): int
    {
        return 1;
    }

    /** @param  Suggestion  $value */
    public function encode(mixed $value): array
    {
        return $value->toArray();
    }

    public function decode(array $data): Suggestion
    {
        $fields = Fields::of($data);

        return new Suggestion(
            kind: $fields->textOrNull('kind') ?? 'own',
            title: $fields->textOrNull('title') ?? '',
            settings: new ExposureSettings(
                Aperture::of($fields->positive('fNumber')),
                ExposureTime::of($fields->positive('exposureTime')),
                Iso::of($fields->positive('iso')),
            ),
            mode: $fields->choice('mode', ExposureMode::class) ?? ExposureMode::Manual,
            compensation: $fields->numberOrNull('compensation'),
            lens: $fields->textOrNull('lens'),
            focalLength: $fields->positiveOrNull('focalLength'),
            support: $fields->choice('support', Support::class),
            gains: $fields->texts('gains'),
            costs: $fields->texts('costs'),
            filterStops: $fields->numberOr('filterStops', 0.0),
            meets: $fields->flag('meets') ?? true,
            focusDistance: $fields->positiveOrNull('focusDistance'),
            fixes: $fields->texts('fixes'),
            widestFNumber: $fields->positiveOrNull('widestFNumber'),
        );
    }

    /** Version 0 had the same form. */
    public function upgrade(array $data, int $from): array
    {
        return $data;
    }
}
