<?php

declare(strict_types=1);

namespace App\Calculators\Movement;

use App\Calculators\Example;
use App\Calculators\NumberCalculator;
use App\Calculators\Sheet;
use App\Calculators\SheetAnswer;
use App\Calculators\SheetField;
use App\Calculators\Topic;
use App\Input\CalculatorInput;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Motion\LampPulse;

/** Lamps pulse with the mains: how much frames differ by it, which times are steady, what a silent shutter shows. */
final class LampsThatPulse extends NumberCalculator
{
    public function id(): string
    {
        return 'lamps';
    }

    public function topic(): Topic
    {
        return Topic::Movement;
    }

    public function sheet(?Kit $kit = null): Sheet
    {
        return new Sheet(
            'Lamps that pulse',
            'Many lamps pulse twice in each cycle of the mains. Short frames catch more or less of that, and an '.
                'electronic shutter draws it as bands; a time of whole pulses is steady.',
            [
                new SheetField('mains', 'Mains', 'Hz', '50', ['50' => '50 Hz', '60' => '60 Hz']),
                SheetField::time('1/250'),
                new SheetField('depth', 'How deeply they pulse', '%; glow lamps about 10', '80', least: 0, most: 95),
                new SheetField('readout', 'Read-out of the electronic shutter', 's', '1/40'),
            ],
            [
                SheetAnswer::worded('variation', 'Frames differ by up to', '%.1f stops'),
                SheetAnswer::duration('steadyTime', 'Steady at'),
                SheetAnswer::number('bands', 'Bands over the frame, electronic shutter'),
            ],
        );
    }

    public function example(): Example
    {
        return new Example(
            ['mains' => '50', 't' => '1/200', 'depth' => '50', 'readout' => '1/40'],
            ['variation' => 0.951, 'steadyTime' => 0.01, 'bands' => 2.5],
        );
    }

    /** @return array<string, float> stops, seconds, and a count */
    protected function numbers(CalculatorInput $input): array
    {
        $lamp = new LampPulse($input->positiveOr('mains', 50.0), $input->numberOr('depth', 80.0) / 100);
        $time = $input->positive('t');

        return [
            'variation' => $lamp->variation($time),
            'steadyTime' => $lamp->steadyTime($time),
            'bands' => $lamp->bands($input->positiveOr('readout', 1 / 40)),
        ];
    }
}
