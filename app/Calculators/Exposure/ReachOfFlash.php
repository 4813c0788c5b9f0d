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
use TruePupil\Core\Exposure\FlashReach;
use TruePupil\Core\Kit\Kit;

/** How far a flash lights. */
final class ReachOfFlash extends NumberCalculator
{
    public function id(): string
    {
        return 'flash';
    }

    public function topic(): Topic
    {
        return Topic::Exposure;
    }

    public function sheet(?Kit $kit = null): Sheet
    {
        return new Sheet(
            'Reach of a flash',
            'How far a flash lights at full power, by its guide number.',
            [
                new SheetField('gn', 'Guide number', 'm at ISO 100', '28'),
                SheetField::aperture('5.6'),
                SheetField::iso('400'),
            ],
            [
                SheetAnswer::metres('distance', 'Reaches'),
            ],
        );
    }

    public function example(): Example
    {
        return new Example(['gn' => '40', 'n' => '8', 'iso' => '400'], ['distance' => 10.0]);
    }

    /** @return array{distance: float} m */
    protected function numbers(CalculatorInput $input): array
    {
        $reach = FlashReach::of($input->positive('gn'), $input->positive('n'), $input->positive('iso'));

        return ['distance' => $reach->metres];
    }
}
