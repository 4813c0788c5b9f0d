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
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Kit\Kit;

/** How much light a setting asks for. */
final class ExposureValue extends NumberCalculator
{
    public function id(): string
    {
        return 'ev';
    }

    public function topic(): Topic
    {
        return Topic::Exposure;
    }

    public function sheet(?Kit $kit = null): Sheet
    {
        return new Sheet(
            'Exposure value',
            'How much light a setting asks for: exposure value, the luminance that comes out mid-grey, and '.
                'the light falling on it.',
            [
                SheetField::aperture('8'),
                SheetField::time('1/125'),
                SheetField::iso(),
            ],
            [
                SheetAnswer::worded('ev', 'Exposure value', 'EV %.2f'),
                SheetAnswer::worded('ev100', 'Light it asks for', 'EV %.2f at ISO 100'),
                SheetAnswer::number('luminance', 'Luminance that becomes mid-grey', '%s cd/m²'),
                SheetAnswer::number('illuminance', 'Light falling on the subject', '%s lx'),
            ],
        );
    }

    public function example(): Example
    {
        return new Example(['n' => '16', 't' => '1/125', 'iso' => '100'], ['ev100' => 14.966, 'luminance' => 4000.0]);
    }

    /** @return array<string, float> */
    protected function numbers(CalculatorInput $input): array
    {
        $light = Ev100::fromNumbers(
            $input->positive('n'),
            $input->positive('t'),
            $input->positiveOr('iso', 100),
        );

        return [
            'ev' => Ev100::fromNumbers($input->positive('n'), $input->positive('t'), 100)->value,
            'ev100' => $light->value,
            'luminance' => $light->luminance(),
            'illuminance' => $light->illuminance(),
        ];
    }
}
