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
use TruePupil\Core\Exposure\FilterStack;
use TruePupil\Core\Kit\Kit;

/** What filters on one another take, and how long the exposure becomes. */
final class FiltersTogether extends NumberCalculator
{
    public function id(): string
    {
        return 'filters';
    }

    public function topic(): Topic
    {
        return Topic::Exposure;
    }

    public function sheet(?Kit $kit = null): Sheet
    {
        return new Sheet(
            'Filters together',
            'What filters on one another take, and how long the exposure becomes.',
            [
                new SheetField('first', 'First filter', 'stops', '6', least: 0, most: 20),
                new SheetField('second', 'Second filter', 'stops', '3', least: 0, most: 20),
                new SheetField('polariser', 'Polariser', 'stops; usually 1 to 2', '0', least: 0, most: 3),
                SheetField::time('1/125'),
            ],
            [
                SheetAnswer::stops('stops', 'Together'),
                SheetAnswer::number('factor', 'Factor'),
                SheetAnswer::number('density', 'Density'),
                SheetAnswer::duration('time', 'Exposure time with them'),
            ],
        );
    }

    public function example(): Example
    {
        return new Example(
            ['first' => '6', 'second' => '3', 't' => '1/8'],
            ['stops' => 9.0, 'factor' => 512.0, 'density' => 2.709, 'time' => 64.0],
        );
    }

    /** @return array<string, float> time in s */
    protected function numbers(CalculatorInput $input): array
    {
        $stack = FilterStack::of([
            $input->numberOr('first', 0.0),
            $input->numberOr('second', 0.0),
            $input->numberOr('polariser', 0.0),
        ]);

        return [
            'stops' => $stack->stops->value,
            'factor' => $stack->factor(),
            'density' => $stack->density(),
            'time' => $input->positive('t') * $stack->factor(),
        ];
    }
}
