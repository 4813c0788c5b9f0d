<?php

declare(strict_types=1);

namespace App\Input;

use TruePupil\Core\Capture\PictureOrigin;
use TruePupil\Core\Capture\StatedFields;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\InvalidExposure;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Support;

/** What a student types where the record has gaps: read from the form, kept as typed, turned into values when used. */
final class StatedFieldsInput
{
    /** Form fields in the order they are asked for. */
    public const FIELDS = [
        'fNumber',
        'exposureTime',
        'iso',
        'mode',
        'compensation',
        'focalLength',
        'focalLength35',
        'support',
        'origin',
    ];

    /**
     * What is wrong with a typed value, or null when it can be used. Empty counts as "not known" and is fine.
     */
    public static function problem(string $field, ?string $text): ?string
    {
        if ($text === null || trim($text) === '') {
            return null;
        }
        try {
            self::value($field, $text);

            return null;
        } catch (InvalidExposure $problem) {
            return $problem->getMessage();
        }
    }

    /** @param  array<string, mixed>  $input  texts by field */
    public static function read(array $input): StatedFields
    {
        $values = [];
        foreach (self::FIELDS as $field) {
            $text = $input[$field] ?? null;
            $values[$field] = is_string($text) && trim($text) !== '' ? self::value($field, $text) : null;
        }

        return new StatedFields(...$values);
    }

    /** @return array<string, string> what was stated as the fields of the form have it */
    public static function write(StatedFields $stated): array
    {
        $number = fn (?float $value): ?string => $value === null ? null : (string) $value;

        return array_filter(
            [
                'fNumber' => $number($stated->fNumber?->nominal()),
                'exposureTime' => $stated->exposureTime === null ? null
                    : preg_replace('/ s$/', '', (string) $stated->exposureTime),
                'iso' => $number($stated->iso?->nominal()),
                'mode' => $stated->mode?->value,
                'compensation' => $number($stated->compensation),
                'focalLength' => $number($stated->focalLength),
                'focalLength35' => $number($stated->focalLength35),
                'support' => $stated->support?->value,
                'origin' => $stated->origin?->value,
            ],
            fn (?string $text): bool => $text !== null,
        );
    }

    private static function value(string $field, string $text): mixed
    {
        $text = trim($text);

        return match ($field) {
            'fNumber' => Aperture::of(
                self::within('an f-number', preg_replace('~^[fƒ]\s*/?\s*~iu', '', $text) ?? '', 0.5, 256),
            ),
            'exposureTime' => ExposureTime::parse($text),
            'iso' => Iso::of(self::within('ISO', preg_replace('/^iso\s*/i', '', $text) ?? '', 1, 4_000_000)),
            'compensation' => self::within('compensation in stops', str_replace('−', '-', $text), -10, 10),
            'focalLength', 'focalLength35' => self::within(
                'a focal length in mm',
                preg_replace('/\s*mm$/i', '', $text) ?? '',
                1,
                3000,
            ),
            'mode' => ExposureMode::tryFrom($text) ?? throw InvalidExposure::unreadable('an exposure mode', $text),
            'support' => Support::tryFrom($text) ?? throw InvalidExposure::unreadable('a support', $text),
            'origin' => PictureOrigin::tryFrom($text) ??
                throw InvalidExposure::unreadable('where a picture comes from', $text),
            default => throw InvalidExposure::unreadable('a known field', $field),
        };
    }

    private static function within(string $what, string $text, float $least, float $most): float
    {
        $number = str_replace(',', '.', $text);
        if (! is_numeric($number) || (float) $number < $least || (float) $number > $most) {
            throw InvalidExposure::unreadable(sprintf('%s (%s to %s)', $what, $least, $most), $text);
        }

        return (float) $number;
    }
}
