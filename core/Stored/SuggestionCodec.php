<?php

declare(strict_types=1);

namespace TruePupil\Core\Stored;

use TruePupil\Core\Adviser\SuggestedEffect;
use TruePupil\Core\Adviser\SuggestedExposure;
use TruePupil\Core\Adviser\SuggestedLens;
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
            exposure: new SuggestedExposure(
                settings: new ExposureSettings(
                    Aperture::of($fields->positive('fNumber')),
                    ExposureTime::of($fields->positive('exposureTime')),
                    Iso::of($fields->positive('iso')),
                ),
                mode: $fields->choice('mode', ExposureMode::class) ?? ExposureMode::Manual,
                compensation: $fields->numberOrNull('compensation'),
                filterStops: $fields->numberOr('filterStops', 0.0),
            ),
            lens: new SuggestedLens(
                name: $fields->textOrNull('lens'),
                focalLength: $fields->positiveOrNull('focalLength'),
                focusDistance: $fields->positiveOrNull('focusDistance'),
                widestFNumber: $fields->positiveOrNull('widestFNumber'),
            ),
            support: $fields->choice('support', Support::class),
            effect: new SuggestedEffect(
                gains: $fields->texts('gains'),
                costs: $fields->texts('costs'),
                meets: $fields->flag('meets') ?? true,
                fixes: $fields->texts('fixes'),
            ),
        );
    }

    /** Version 0 had the same form. */
    public function upgrade(array $data, int $from): array
    {
        return $data;
    }
}
