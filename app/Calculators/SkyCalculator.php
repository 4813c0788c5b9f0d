<?php

declare(strict_types=1);

namespace App\Calculators;

use App\Input\CalculatorInput;
use DateTimeImmutable;
use DateTimeInterface;
use Exception;
use InvalidArgumentException;
use TruePupil\Core\Sky\InvalidSky;
use TruePupil\Core\Sky\JulianDay;
use TruePupil\Core\Sky\LightTable;
use TruePupil\Core\Sky\Location;
use TruePupil\Core\Sky\Moon;
use TruePupil\Core\Sky\MoonDay;
use TruePupil\Core\Sky\MoonShape;
use TruePupil\Core\Sky\SkyPosition;
use TruePupil\Core\Sky\Sun;
use TruePupil\Core\Sky\SunDay;
use TruePupil\Core\Sky\WantedMoon;
use TruePupil\Core\Sky\Weather;

/** Sun and moon for a place and a moment, and the light that they usually give. */
final class SkyCalculator
{
    /** So many nights are told. */
    public const NIGHTS = 6;

    /**
     * @return array<string, mixed>
     *   moments in ISO 8601 in the time zone of the moment given; degrees; illuminated from 0 to 1
     */
    public static function run(CalculatorInput $input): array
    {
        $place = Location::of($input->number('lat'), $input->number('lon'));
        $at = self::moment($input->text('at'));
        $now = JulianDay::fromTimestamp((float) $at->getTimestamp());
        $day = new SunDay($place, $at);
        $moon = Moon::at($now);
        $moonDay = new MoonDay($place, $at);
        $sunPosition = Sun::seenFrom($place, $now);
        $moonPosition = Moon::seenFrom($place, $now);

        return [
            'sun' => self::position($sunPosition),
            'sunrise' => self::text($day->rises()),
            'sunset' => self::text($day->sets()),
            'noon' => self::text($day->noon()),
            'polar' => $day->polar()?->value,
            'twilight' => array_map(
                fn (float $altitude): array => [
                    'from' => self::text($day->rises($altitude)),
                    'to' => self::text($day->sets($altitude)),
                ],
                ['civil' => SunDay::CIVIL, 'nautical' => SunDay::NAUTICAL, 'astronomical' => SunDay::ASTRONOMICAL],
            ),
            'goldenHour' => [
                'morning' => array_map(self::text(...), $day->goldenMorning()),
                'evening' => array_map(self::text(...), $day->goldenEvening()),
            ],
            'moon' => [
                ...self::position($moonPosition),
                'illuminated' => $moon->illuminated,
                'phaseName' => $moon->phase->value,
                'rises' => self::text($moonDay->rises()),
                'sets' => self::text($moonDay->sets()),
            ],
            'lightEv100' => LightTable::ev100(
                $sunPosition->altitude,
                self::weather($input),
                $moonPosition->altitude,
                $moon->phaseAngle,
            )->value,
        ];
    }

    /**
     * The next nights on which the moon is as a picture wants it.
     *
     * @return array{nights: list<array<string, mixed>>}
     *   moments in ISO 8601, degrees, illuminated from 0 to 1
     */
    public static function moonNights(CalculatorInput $input): array
    {
        $shape = MoonShape::tryFrom($input->text('moon')) ??
            throw new InvalidArgumentException(
                sprintf(
                    '"%s" is no moon; write %s.',
                    $input->text('moon'),
                    implode(', ', array_column(MoonShape::cases(), 'value')),
                ),
            );
        $wanted = new WantedMoon(
            Location::of($input->number('lat'), $input->number('lon')),
            $shape,
            $input->numberOr('lowest', 0),
            $input->numberOr('highest', 90),
            (int) $input->numberOr('from', 20),
            (int) $input->numberOr('to', 4),
        );

        return [
            'nights' => array_map(
                fn (array $night): array => [
                    'from' => self::text($night['from']),
                    'to' => self::text($night['to']),
                    'illuminated' => $night['illuminated'],
                    ...self::position($night['moon']),
                ],
                $wanted->nights(self::moment($input->text('at')), self::NIGHTS),
            ),
        ];
    }

    /** @return array{ev100: float} by sun height in degrees and weather, without a date */
    public static function light(CalculatorInput $input): array
    {
        return [
            'ev100' => LightTable::ev100(
                $input->number('sun'),
                self::weather($input),
                $input->numberOr('moon', -90),
                $input->numberOr('moonPhaseAngle', 0),
            )->value,
        ];
    }

    /** @throws InvalidSky */
    public static function moment(string $text): DateTimeImmutable
    {
        // Words such as "tomorrow" would make the same address mean something else every day.
        if (preg_match('/^\d{4}-\d{2}-\d{2}/', $text) !== 1) {
            throw InvalidSky::moment($text);
        }
        try {
            return new DateTimeImmutable(str_replace(' ', '+', $text));
        } catch (Exception) {
            throw InvalidSky::moment($text);
        }
    }

    private static function weather(CalculatorInput $input): Weather
    {
        $named = $input->has('weather') ? $input->text('weather') : Weather::Clear->value;

        return Weather::tryFrom($named) ??
            throw new InvalidArgumentException(
                sprintf(
                    '"%s" is no weather; write %s.',
                    $named,
                    implode(', ', array_column(Weather::cases(), 'value')),
                ),
            );
    }

    /** @return array{altitude: float, azimuth: float} */
    private static function position(SkyPosition $position): array
    {
        return ['altitude' => $position->altitude, 'azimuth' => $position->azimuth];
    }

    private static function text(?DateTimeImmutable $moment): ?string
    {
        return $moment?->format(DateTimeInterface::ATOM);
    }
}
