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
use TruePupil\Core\Exposure\NeutralDensity;
use TruePupil\Core\Kit\Kit;

/** The neutral-density filter that makes a time longer. */
final class LongerByFilter extends NumberCalculator
{
    public function id(): string
    {
        return 'nd';
    }

    public function topic(): Topic
    {
        return Topic::Exposure;
    }

    public function sheet(?Kit $kit = null): Sheet
    {
        return new Sheet(
            'Filter for a longer time',
            'How many stops of neutral-density filter turn one time into a longer one at the same aperture.',
            [
                new SheetField('from', 'From', 's', '1/8'),
                new SheetField('isoFrom', 'at ISO', '', '200'),
                new SheetField('to', 'To', 's', '4'),
                new SheetField('isoTo', 'at ISO', '', '100'),
            ],
            [
                SheetAnswer::stops('stops', 'Filter'),
                new SheetAnswer('stops', 'Its factor', fn (float $stops): string => '×'.round(2 ** $stops, 1)),
                new SheetAnswer(
                    'stops',
                    'Its density',
                    fn (float $stops): string => sprintf('%.1f', $stops * log10(2)),
                ),
            ],
        );
    }

    public function example(): Example
    {
        return new Example(['from' => '1/8', 'to' => '4', 'isoFrom' => '200', 'isoTo' => '100'], ['stops' => 4.0]);
    }

    /** @return array{stops: float} */
    protected function numbers(CalculatorInput $input): array
    {
        return [
            'stops' => NeutralDensity::between(
                $input->positive('from'),
                $input->positive('to'),
                $input->positiveOr('isoFrom', 100),
                $input->positiveOr('isoTo', 100),
            )->stops->value,
        ];
    }
}
