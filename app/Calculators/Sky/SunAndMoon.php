<?php

declare(strict_types=1);

namespace App\Calculators\Sky;

use App\Calculators\Example;
use App\Calculators\NumberCalculator;
use App\Calculators\Sheet;
use App\Calculators\SheetAnswer;
use App\Calculators\SheetField;
use App\Calculators\SkyInput;
use App\Calculators\Topic;
use App\Input\CalculatorInput;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Sky\JulianDay;
use TruePupil\Core\Sky\LightTable;
use TruePupil\Core\Sky\Location;
use TruePupil\Core\Sky\Moon;
use TruePupil\Core\Sky\MoonDay;
use TruePupil\Core\Sky\Sun;
use TruePupil\Core\Sky\SunDay;

/** Where sun and moon stand, and the light they give. */
final class SunAndMoon extends NumberCalculator
{
    public function id(): string
    {
        return 'sky';
    }

    public function topic(): Topic
    {
        return Topic::Sky;
    }

    public function sheet(?Kit $kit = null): Sheet
    {
        return new Sheet(
            'Sun and moon',
            'Where they stand, when they rise and set, and the light they usually give. Never look at the '.
                'sun through an optical finder.',
            [
                SheetField::latitude(),
                SheetField::longitude(),
                SheetField::moment('Moment', '2026-06-21T18:30:00+01:00'),
                SheetField::weather(),
            ],
            [
                SheetAnswer::altitude('sun.altitude', 'Sun stands'),
                SheetAnswer::azimuth('sun.azimuth', 'Sun\'s direction'),
                SheetAnswer::moment('sunrise', 'Sunrise'),
                SheetAnswer::moment('sunset', 'Sunset'),
                SheetAnswer::hours('goldenHour.evening', 'Golden hour, evening'),
                SheetAnswer::hours('goldenHour.morning', 'Golden hour, morning'),
                SheetAnswer::moment('twilight.civil.to', 'Dusk, civil'),
                SheetAnswer::altitude('moon.altitude', 'Moon stands'),
                new SheetAnswer(
                    'moon.illuminated',
                    'Moon lit',
                    fn (float $lit): string => sprintf('%.0f %%', 100 * $lit),
                ),
                new SheetAnswer('moon.phaseName', 'Phase', fn (string $name): string => str_replace('-', ' ', $name)),
                SheetAnswer::worded('lightEv100', 'Light to expect', 'about EV %.1f at ISO 100'),
            ],
        );
    }

    public function example(): Example
    {
        return new Example(
            ['lat' => '0', 'lon' => '0', 'at' => '2026-03-20T12:00:00Z'],
            ['sun.altitude' => 88.13, 'polar' => null],
        );
    }

    /**
     * @return array<string, mixed>
     *   moments in ISO 8601 in the time zone of the moment given; degrees; illuminated from 0 to 1
     */
    protected function numbers(CalculatorInput $input): array
    {
        $place = Location::of($input->number('lat'), $input->number('lon'));
        $at = SkyInput::moment($input->text('at'));
        $now = JulianDay::fromTimestamp((float) $at->getTimestamp());
        $day = new SunDay($place, $at);
        $moon = Moon::at($now);
        $moonDay = new MoonDay($place, $at);
        $sunPosition = Sun::seenFrom($place, $now);
        $moonPosition = Moon::seenFrom($place, $now);

        return [
            'sun' => SkyInput::position($sunPosition),
            'sunrise' => SkyInput::text($day->rises()),
            'sunset' => SkyInput::text($day->sets()),
            'noon' => SkyInput::text($day->noon()),
            'polar' => $day->polar()?->value,
            'twilight' => array_map(
                fn (float $altitude): array => [
                    'from' => SkyInput::text($day->rises($altitude)),
                    'to' => SkyInput::text($day->sets($altitude)),
                ],
                ['civil' => SunDay::CIVIL, 'nautical' => SunDay::NAUTICAL, 'astronomical' => SunDay::ASTRONOMICAL],
            ),
            'goldenHour' => [
                'morning' => array_map(SkyInput::text(...), $day->goldenMorning()),
                'evening' => array_map(SkyInput::text(...), $day->goldenEvening()),
            ],
            'moon' => [
                ...SkyInput::position($moonPosition),
                'illuminated' => $moon->illuminated,
                'phaseName' => $moon->phase->value,
                'rises' => SkyInput::text($moonDay->rises()),
                'sets' => SkyInput::text($moonDay->sets()),
            ],
            'lightEv100' => LightTable::ev100(
                $sunPosition->altitude,
                SkyInput::weather($input),
                $moonPosition->altitude,
                $moon->phaseAngle,
            )->value,
        ];
    }
}
