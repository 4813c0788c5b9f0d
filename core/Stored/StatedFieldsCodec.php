<?php

declare(strict_types=1);

namespace TruePupil\Core\Stored;

use TruePupil\Core\Capture\PictureOrigin;
use TruePupil\Core\Capture\StatedFields;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Support;

/**
 * What a student stated where the record has gaps. Exposure times in seconds, focal lengths in mm.
 *
 * @implements Codec<StatedFields>
 */
final class StatedFieldsCodec implements Codec
{
    public function version(): int
    {
        return 1;
    }

    /** @param  StatedFields  $value */
    public function encode(mixed $value): array
    {
        return array_filter(
            [
                'fNumber' => $value->fNumber?->recorded,
                'exposureTime' => $value->exposureTime?->recorded,
                'iso' => $value->iso?->recorded,
                'mode' => $value->mode?->value,
                'compensation' => $value->compensation,
                'focalLength' => $value->focalLength,
                'focalLength35' => $value->focalLength35,
                'support' => $value->support?->value,
                'origin' => $value->origin?->value,
            ],
            fn (mixed $part): bool => $part !== null,
        );
    }

    public function decode(array $data): StatedFields
    {
        $fields = Fields::of($data);
        [$fNumber, $time, $iso] = [
            $fields->positiveOrNull('fNumber'),
            $fields->positiveOrNull('exposureTime'),
            $fields->positiveOrNull('iso'),
        ];

        return new StatedFields(
            fNumber: $fNumber === null ? null : Aperture::of($fNumber),
            exposureTime: $time === null ? null : ExposureTime::of($time),
            iso: $iso === null ? null : Iso::of($iso),
            mode: $fields->choice('mode', ExposureMode::class),
            compensation: $fields->numberOrNull('compensation'),
            focalLength: $fields->positiveOrNull('focalLength'),
            focalLength35: $fields->positiveOrNull('focalLength35'),
            support: $fields->choice('support', Support::class),
            origin: $fields->choice('origin', PictureOrigin::class),
        );
    }

    /** Version 0 held texts as they were typed; a number with its unit is still read. */
    public function upgrade(array $data, int $from): array
    {
        $read = [];
        foreach ($data as $field => $text) {
            $plain = is_string($text) ? trim(str_replace([',', '−'], ['.', '-'], $text)) : '';
            $number = preg_replace('~^(f/|ƒ/|iso )|\s*(mm|s)$~iu', '', $plain) ?? '';
            if ($plain === '') {
                continue;
            }
            $read[$field] = match (true) {
                $field === 'mode' || $field === 'support' => $plain,
                $field === 'exposureTime' => ExposureTime::parse($plain)->recorded,
                default => (float) $number,
            };
        }

        return $read;
    }
}
