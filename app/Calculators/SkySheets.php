<?php

declare(strict_types=1);

namespace App\Calculators;

use DateTimeImmutable;
use TruePupil\Core\Exposure\Duration;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Sky\MoonShape;
use TruePupil\Core\Sky\Weather;

/** The sheets about sun, moon and the light that they give. */
final class SkySheets
{
    /** Times below this, in s, are written as cameras write them. */
    private const SHORT = 30.0;

    /** @return list<Sheet> */
    public static function all(): array
    {
        $weather = new SheetField(
            'weather',
            'Weather',
            '',
            Weather::Clear->value,
            array_combine(
                array_column(Weather::cases(), 'value'),
                array_map(fn (Weather $weather): string => $weather->label(), Weather::cases()),
            ),
        );
        $moment = fn (?string $at): string => $at === null
            ? 'not on this day'
            : (new DateTimeImmutable($at))->format('H:i, j M');

        return [
            new Sheet(
                'sky',
                'Sky',
                'Sun and moon',
                'Where they stand, when they rise and set, and the light they usually give. Never look at the sun '.
                    'through an optical finder.',
                [
                    new SheetField('lat', 'Latitude', '°, north positive', '52.5'),
                    new SheetField('lon', 'Longitude', '°, east positive', '1.2'),
                    new SheetField('at', 'Moment', 'date and time with zone', '2026-06-21T18:30:00+01:00'),
                    $weather,
                ],
                [
                    new SheetAnswer(
                        'sun.altitude',
                        'Sun stands',
                        fn (float $value): string => sprintf(
                            '%.1f° %s the horizon',
                            abs($value),
                            $value < 0 ? 'below' : 'above',
                        ),
                    ),
                    new SheetAnswer('sun.azimuth', 'Sun\'s direction', self::azimuth(...)),
                    new SheetAnswer('sunrise', 'Sunrise', $moment),
                    new SheetAnswer('sunset', 'Sunset', $moment),
                    new SheetAnswer(
                        'goldenHour.evening',
                        'Golden hour, evening',
                        fn (array $hour): string => implode(' to ', array_map($moment, array_values($hour))),
                    ),
                    new SheetAnswer(
                        'goldenHour.morning',
                        'Golden hour, morning',
                        fn (array $hour): string => implode(' to ', array_map($moment, array_values($hour))),
                    ),
                    new SheetAnswer('twilight.civil.to', 'Dusk, civil', $moment),
                    new SheetAnswer(
                        'moon.altitude',
                        'Moon stands',
                        fn (float $value): string => sprintf(
                            '%.1f° %s the horizon',
                            abs($value),
                            $value < 0 ? 'below' : 'above',
                        ),
                    ),
                    new SheetAnswer(
                        'moon.illuminated',
                        'Moon lit',
                        fn (float $value): string => sprintf('%.0f %%', 100 * $value),
                    ),
                    new SheetAnswer(
                        'moon.phaseName',
                        'Phase',
                        fn (string $name): string => str_replace('-', ' ', $name),
                    ),
                    new SheetAnswer(
                        'lightEv100',
                        'Light to expect',
                        fn (float $value): string => sprintf('about EV %.1f at ISO 100', $value),
                    ),
                ],
            ),
            new Sheet(
                'moon-nights',
                'Sky',
                'The moon that is wanted',
                'The next nights on which it is so full and so high between two hours, or not in the sky. Watch '.
                    'your step in the dark, and tell somebody where you are.',
                [
                    new SheetField(
                        'moon',
                        'The moon is',
                        '',
                        'full',
                        array_combine(
                            array_column(MoonShape::cases(), 'value'),
                            array_map(fn (MoonShape $shape): string => $shape->label(), MoonShape::cases()),
                        ),
                    ),
                    new SheetField('lowest', 'No lower than', '°', '3'),
                    new SheetField('highest', 'No higher than', '°', '15'),
                    new SheetField('from', 'From', 'hour of the day', '20'),
                    new SheetField('to', 'To', 'hour; before the first one: next day', '23'),
                    new SheetField('lat', 'Latitude', '°, north positive', '52.5'),
                    new SheetField('lon', 'Longitude', '°, east positive', '1.2'),
                    new SheetField('at', 'From the day', 'date and time with zone', '2026-06-21T12:00:00+01:00'),
                ],
                array_map(
                    fn (int $night): SheetAnswer => new SheetAnswer(
                        'nights.'.$night,
                        ['First', 'Then', 'Third', 'Fourth', 'Fifth', 'Sixth'][$night],
                        fn (array $one): string => sprintf(
                            '%s to %s: %.0f %% lit, %s',
                            (new DateTimeImmutable($one['from']))->format('D j M, H:i'),
                            (new DateTimeImmutable($one['to']))->format('H:i'),
                            100 * $one['illuminated'],
                            $one['altitude'] < 0
                                ? 'below the horizon'
                                : sprintf('%.0f° up, %s', $one['altitude'], self::azimuth($one['azimuth'])),
                        ),
                    ),
                    range(0, SkyCalculator::NIGHTS - 1),
                ),
            ),
            new Sheet(
                'composing',
                'Sky',
                'From a composing frame at night',
                'Short frames at the highest ISO show how the picture will be. The one that is right gives the time '.
                    'of the one that is kept.',
                [
                    new SheetField('t', 'Time of the composing frame', 's', '1'),
                    new SheetField('n', 'Its aperture', 'f-number', '2.8'),
                    new SheetField('iso', 'Its ISO', '', '25600'),
                    new SheetField('isoFinal', 'ISO of the frame to keep', '', '800'),
                    new SheetField('nFinal', 'Its aperture', 'f-number; empty: the same', '2.8'),
                ],
                [
                    new SheetAnswer('time', 'Its time', self::seconds(...)),
                    new SheetAnswer('wait', 'With noise reduction, you wait', self::seconds(...)),
                ],
            ),
            new Sheet(
                'light',
                'Sky',
                'Light by condition',
                'The light to expect for a height of the sun and a weather.',
                [new SheetField('sun', 'Sun\'s height', '°', '35'), $weather],
                [
                    new SheetAnswer(
                        'ev100',
                        'Light',
                        fn (float $value): string => sprintf('about EV %.1f at ISO 100', $value),
                    ),
                    new SheetAnswer(
                        'ev100',
                        'For instance',
                        fn (float $value): string => sprintf(
                            'ƒ/8, %s at ISO 100',
                            ExposureTime::nearest(64 / 2 ** $value),
                        ),
                    ),
                ],
            ),
        ];
    }

    private static function seconds(float $seconds): string
    {
        return $seconds < self::SHORT ? (string) ExposureTime::nearest($seconds) : Duration::text($seconds);
    }

    private static function azimuth(float $degrees): string
    {
        return sprintf(
            '%.0f°, %s',
            $degrees,
            ['north', 'north-east', 'east', 'south-east', 'south', 'south-west', 'west', 'north-west'][
                (int) round($degrees / 45) % 8
            ],
        );
    }
}
