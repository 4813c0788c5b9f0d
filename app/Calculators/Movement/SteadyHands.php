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
use TruePupil\Core\Motion\HandHeldLimit;
use TruePupil\Core\Optics\SensorFormat;

/** The longest time that most hands hold. */
final class SteadyHands extends NumberCalculator
{
    public function id(): string
    {
        return 'shake';
    }

    public function topic(): Topic
    {
        return Topic::Movement;
    }

    public function sheet(?Kit $kit = null): Sheet
    {
        return new Sheet(
            'Steady hands',
            'The longest time that most hands hold. Hands differ.',
            [
                SheetField::focalLength(),
                SheetField::format(),
                new SheetField('stops', 'Stabiliser', 'stops', '3', least: 0, most: 10),
            ],
            [
                SheetAnswer::limit('limit', 'Held up to'),
            ],
        );
    }

    public function example(): Example
    {
        return new Example(['f' => '100', 'format' => '36x24'], ['limit' => 0.01]);
    }

    /** @return array{limit: float} seconds */
    protected function numbers(CalculatorInput $input): array
    {
        $limit = HandHeldLimit::of(
            $input->positive('f'),
            SensorFormat::parse($input->text('format')),
            $input->numberOr('stops', 0),
        );

        return ['limit' => $limit->seconds];
    }
}
