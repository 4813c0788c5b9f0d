<?php

declare(strict_types=1);

namespace TruePupil\Core\Stored;

use InvalidArgumentException;
use TruePupil\Core\Colour\ColourMeasures;
use TruePupil\Core\Composition\CompositionMeasures;
use TruePupil\Core\Composition\MarkMeasures;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Composition\SubjectShape;
use TruePupil\Core\Focus\FocusMeasures;
use TruePupil\Core\Measures\Claims;
use TruePupil\Core\Measures\EyeLight;
use TruePupil\Core\Measures\FrameMeasures;
use TruePupil\Core\Measures\PeopleMeasures;
use TruePupil\Core\Measures\PreviewOf;
use TruePupil\Core\Measures\RawMeasures;
use TruePupil\Core\Measures\SubjectMeasures;
use TruePupil\Core\Raster\GreyGrid;
use TruePupil\Core\Tone\EndAreas;
use TruePupil\Core\Tone\Histogram;
use TruePupil\Core\Tone\PixelStatistics;
use TruePupil\Core\Tone\RawTones;
use TruePupil\Core\Tone\ToneMeasures;

/** Rebuilds measures from the array that FrameMeasures::toArray() gave: the counts are the truth, the rest follows. */
final class MeasuresReading
{
    /**
     * @param  array<mixed>  $stored
     *
     * @throws InvalidArgumentException when a part is missing
     */
    public static function restore(array $stored): FrameMeasures
    {
        $metering = self::part($stored, 'metering');
        $subject = $stored['subject'] ?? null;

        return new FrameMeasures(
            self::tone(self::part($stored, 'tone')),
            [
                'scene' => self::number($metering, 'scene'),
                'centre' => self::number($metering, 'centre'),
                'spot' => self::number($metering, 'spot'),
                'highlight' => self::number($metering, 'highlight'),
            ],
            is_array($subject) ? self::subject($subject) : null,
            is_array($stored['focus'] ?? null) ? FocusMeasures::restore($stored['focus']) : null,
            is_array($stored['composition'] ?? null) ? CompositionMeasures::restore($stored['composition']) : null,
            is_array($stored['colour'] ?? null) ? ColourMeasures::restore($stored['colour']) : null,
            ($stored['ofPreview'] ?? false) === true
                ? new PreviewOf(is_array($stored['raw'] ?? null) ? self::raw($stored['raw']) : null)
                : null,
            is_array($stored['ends'] ?? null) ? EndAreas::restore($stored['ends']) : null,
            self::thumb($stored['thumb'] ?? null),
            new Claims(
                is_array($stored['marks'] ?? null) ? MarkMeasures::restore($stored['marks']) : null,
                PeopleMeasures::restore($stored['people'] ?? null),
            ),
        );
    }

    /** @param  array<mixed>  $stored */
    private static function raw(array $stored): RawMeasures
    {
        $tones = function (array $part): RawTones {
            $counts = self::part($part, 'histogram');

            return RawTones::ofCounts(
                self::histogram($counts, 'r'),
                self::histogram($counts, 'g'),
                self::histogram($counts, 'b'),
            );
        };

        return new RawMeasures(
            $tones(self::part($stored, 'frame')),
            isset($stored['subject']) ? $tones(self::part($stored, 'subject')) : null,
        );
    }

    private static function thumb(mixed $stored): ?GreyGrid
    {
        return is_array($stored) &&
            is_int($stored['columns'] ?? null) &&
            is_int($stored['rows'] ?? null) &&
            is_string($stored['bytes'] ?? null)
            ? GreyGrid::ofBytes($stored['columns'], $stored['rows'], (string) base64_decode($stored['bytes'], true))
            : null;
    }

    /** @param  array<mixed>  $stored */
    private static function subject(array $stored): SubjectMeasures
    {
        $region = self::part($stored, 'region');

        return new SubjectMeasures(
            Region::of(
                self::number($region, 'x'),
                self::number($region, 'y'),
                self::number($region, 'width'),
                self::number($region, 'height'),
            ),
            self::tone($stored),
            // Measures of older rules did not know it.
            isset($stored['burntPct']) ? self::number($stored, 'burntPct') : 0.0,
            EyeLight::restore($stored['eyeLight'] ?? null),
            SubjectShape::restore($stored['shape'] ?? null),
            is_array($stored['ofShape'] ?? null) ? self::tone($stored['ofShape']) : null,
        );
    }

    /** @param  array<mixed>  $stored */
    private static function tone(array $stored): ToneMeasures
    {
        $histogram = self::part($stored, 'histogram');
        $luminance = self::histogram($histogram, 'luminance');
        $pixels = fn (string $key): int => (int) round((self::number($stored, $key) / 100) * $luminance->total);

        return ToneMeasures::from(
            new PixelStatistics(
                $luminance,
                self::histogram($histogram, 'r'),
                self::histogram($histogram, 'g'),
                self::histogram($histogram, 'b'),
                $pixels('lostHighlightsPct'),
                $pixels('blockedShadowsPct'),
            ),
        );
    }

    /** @param  array<mixed>  $stored */
    private static function histogram(array $stored, string $key): Histogram
    {
        return Histogram::of(
            array_map(fn (mixed $count): int => is_int($count) ? $count : 0, self::part($stored, $key)),
        );
    }

    /**
     * @param  array<mixed>  $stored
     * @return array<mixed>
     */
    private static function part(array $stored, string $key): array
    {
        $part = $stored[$key] ?? null;

        return is_array($part)
            ? $part
            : throw new InvalidArgumentException(sprintf('Stored measures lack "%s".', $key));
    }

    /** @param  array<mixed>  $stored */
    private static function number(array $stored, string $key): float
    {
        $number = $stored[$key] ?? null;

        return is_int($number) || is_float($number)
            ? (float) $number
            : throw new InvalidArgumentException(sprintf('Stored measures lack the number "%s".', $key));
    }
}
