<?php

declare(strict_types=1);

namespace TruePupil\Core\Stored;

use TruePupil\Core\Adviser\SuggestedEffect;
use TruePupil\Core\Adviser\SuggestedExposure;
use TruePupil\Core\Adviser\SuggestedFlash;
use TruePupil\Core\Adviser\SuggestedLens;
use TruePupil\Core\Adviser\SuggestedSeries;
use TruePupil\Core\Adviser\Suggestion;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\FlashPlace;
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
            flash: $fields->has('flash') ? self::flash($fields->part('flash')) : null,
            series: $fields->has('series') ? self::series($fields->part('series')) : null,
        );
    }

    private static function flash(Fields $flash): SuggestedFlash
    {
        return new SuggestedFlash(
            $flash->raw('fill') === 'main' ? null : $flash->number('fill'),
            $flash->positive('power'),
            $flash->flag('bounced') ?? false,
            $flash->flag('highSpeed') ?? false,
            $flash->has('place')
                ? new FlashPlace(
                    $flash->part('place')->positive('distance'),
                    $flash->part('place')->number('side'),
                    $flash->part('place')->number('height'),
                )
                : null,
        );
    }

    private static function series(Fields $series): SuggestedSeries
    {
        return new SuggestedSeries(
            match ($series->text('for')) {
                'trails' => 'trails',
                'focus' => 'focus',
                default => 'range',
            },
            (int) $series->positive('frames'),
            $series->numberOr('stepStops', 0.0),
        );
    }

    /** Version 0 had the same form. */
    public function upgrade(array $data, int $from): array
    {
        return $data;
    }
}
