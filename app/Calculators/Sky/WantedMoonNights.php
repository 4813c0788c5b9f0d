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
use DateTimeImmutable;
use InvalidArgumentException;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Sky\Location;
use TruePupil\Core\Sky\MoonShape;
use TruePupil\Core\Sky\WantedMoon;

/** The next nights with the moon that a picture wants. */
final class WantedMoonNights extends NumberCalculator
{
    /** So many nights are told. */
    private const NIGHTS = ['First', 'Then', 'Third', 'Fourth', 'Fifth', 'Sixth'];

    public function id(): string
    {
        return 'moon-nights';
    }

    public function topic(): Topic
    {
        return Topic::Sky;
    }

    public function sheet(?Kit $kit = null): Sheet
    {
        return new Sheet(
            'The moon that is wanted',
            'The next nights on which it is so full and so high between two hours, or not in the sky. Watch '.
                'your step in the dark, and tell somebody where you are.',
            [
                new SheetField('moon', 'The moon is', '', 'full', self::shapes()),
                new SheetField('lowest', 'No lower than', '°', '3', least: -90, most: 90),
                new SheetField('highest', 'No higher than', '°', '15', least: -90, most: 90),
                new SheetField('from', 'From', 'hour of the day', '20', least: 0, most: 24),
                new SheetField('to', 'To', 'hour; before the first one: next day', '23', least: 0, most: 24),
                SheetField::latitude(),
                SheetField::longitude(),
                SheetField::moment('From the day', '2026-06-21T12:00:00+01:00'),
            ],
            [
                ...array_map(self::night(...), array_keys(self::NIGHTS), self::NIGHTS),
            ],
        );
    }

    public function example(): Example
    {
        return new Example(
            ['moon' => 'full', 'lat' => '52.5', 'lon' => '1.2', 'at' => '2026-06-21T12:00:00+01:00'],
            ['nights.0.from' => '2026-06-27T20:10:00+01:00', 'nights.0.illuminated' => 0.96],
        );
    }

    /**
     * @return array{nights: list<array<string, mixed>>}
     *   moments in ISO 8601, degrees, illuminated from 0 to 1
     */
    protected function numbers(CalculatorInput $input): array
    {
        $moon = $input->text('moon');
        $shape = MoonShape::tryFrom($moon) ?? throw new InvalidArgumentException(
            sprintf('"%s" is no moon; write %s.', $moon, implode(', ', array_keys(self::shapes()))),
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
                    'from' => SkyInput::text($night['from']),
                    'to' => SkyInput::text($night['to']),
                    'illuminated' => $night['illuminated'],
                    ...SkyInput::position($night['moon']),
                ],
                $wanted->nights(SkyInput::moment($input->text('at')), count(self::NIGHTS)),
            ),
        ];
    }

    /** @return array<string, string> label by value */
    private static function shapes(): array
    {
        return array_combine(
            array_column(MoonShape::cases(), 'value'),
            array_map(fn (MoonShape $shape): string => $shape->label(), MoonShape::cases()),
        );
    }

    private static function night(int $place, string $label): SheetAnswer
    {
        return new SheetAnswer('nights.'.$place, $label, fn (array $one): string => sprintf(
            '%s to %s: %.0f %% lit, %s',
            (new DateTimeImmutable($one['from']))->format('D j M, H:i'),
            (new DateTimeImmutable($one['to']))->format('H:i'),
            100 * $one['illuminated'],
            $one['altitude'] < 0
                ? 'below the horizon'
                : sprintf('%.0f° up, %s', $one['altitude'], SheetAnswer::direction($one['azimuth'])),
        ));
    }
}
