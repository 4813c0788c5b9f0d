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
use TruePupil\Core\Exposure\GraduatedFilter;
use TruePupil\Core\Kit\Kit;

/** Which graduated filter brings sky and ground together, from two readings. */
final class SkyOverGround extends NumberCalculator
{
    public function id(): string
    {
        return 'graduated';
    }

    public function topic(): Topic
    {
        return Topic::Exposure;
    }

    public function sheet(?Kit $kit = null): Sheet
    {
        return new Sheet(
            'Graduated filter',
            'Which graduated filter brings sky and ground together, from two readings.',
            [
                new SheetField('sky', 'Sky', 'EV', '14'),
                new SheetField('ground', 'Ground', 'EV', '11'),
            ],
            [
                SheetAnswer::stops('difference', 'Between them'),
                SheetAnswer::stops('strength', 'Filter'),
            ],
        );
    }

    public function example(): Example
    {
        return new Example(
            ['sky' => '14', 'ground' => '11'],
            ['difference' => 3.0, 'strength' => 2.0],
        );
    }

    /** @return array{difference: float, strength: float} stops */
    protected function numbers(CalculatorInput $input): array
    {
        $filter = GraduatedFilter::between($input->number('sky'), $input->number('ground'));

        return ['difference' => $filter->difference, 'strength' => $filter->strength];
    }
}
