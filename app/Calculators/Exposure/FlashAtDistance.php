<?php

declare(strict_types=1);

namespace App\Calculators\Exposure;

use App\Calculators\Example;
use App\Calculators\NumberCalculator;
use App\Calculators\Sheet;
use App\Calculators\SheetAnswer;
use App\Calculators\SheetField;
use App\Calculators\Topic;
use App\Input\CalculatorInput;
use TruePupil\Core\Kit\Flash;
use TruePupil\Core\Kit\Kit;

/**
 * Which aperture a flash asks for at a distance, as main light and as fill, at part of its power, bounced or faster
 * than it syncs.
 */
final class FlashAtDistance extends NumberCalculator
{
    public function id(): string
    {
        return 'flash-aperture';
    }

    public function topic(): Topic
    {
        return Topic::Exposure;
    }

    public function sheet(?Kit $kit = null): Sheet
    {
        return new Sheet(
            'Flash at a distance',
            'Which aperture a flash asks for at a distance, as main light and as fill, at part of its power, '.
                'bounced or faster than it syncs.',
            [
                new SheetField('gn', 'Guide number', 'm at ISO 100', '40'),
                new SheetField('d', 'Distance to the subject', 'm', '2.5'),
                SheetField::iso(),
                new SheetField('power', 'Power', 'share of full, such as 1/4', '1'),
                new SheetField('lost', 'Lost', 'stops; the ceiling takes about 2', '0', least: 0, most: 10),
                new SheetField('t', 'Exposure time', 's', '1/200'),
                new SheetField('sync', 'Sync time', 's', '1/200'),
            ],
            [
                SheetAnswer::fNumber('fNumber', 'As main light'),
                SheetAnswer::fNumber('fillOne', 'As fill, a stop under'),
                SheetAnswer::fNumber('fillTwo', 'As fill, two stops under'),
                SheetAnswer::stops('highSpeedLost', 'Lost by high-speed sync'),
            ],
        );
    }

    public function example(): Example
    {
        return new Example(
            ['gn' => '40', 'd' => '5', 'iso' => '100'],
            ['fNumber' => 8.0, 'fillOne' => 11.31, 'fillTwo' => 16.0, 'highSpeedLost' => 0.0],
        );
    }

    /** @return array<string, float> f-numbers, and stops */
    protected function numbers(CalculatorInput $input): array
    {
        $sync = $input->positiveOr('sync', 1 / 200);
        $lost = Flash::lostAt($input->positiveOr('t', $sync), $sync);
        $spare = (new Flash($input->positive('gn')))->stopsToSpare(
            1.0,
            $input->positive('d'),
            $input->positive('iso'),
            $lost + $input->numberOr('lost', 0.0) - log($input->positiveOr('power', 1.0), 2),
        );
        $at = fn (float $stops): float => 2 ** (($spare + $stops) / 2);

        return ['fNumber' => $at(0.0), 'fillOne' => $at(1.0), 'fillTwo' => $at(2.0), 'highSpeedLost' => $lost];
    }
}
