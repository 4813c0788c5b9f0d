<?php

declare(strict_types=1);

namespace App\Calculators\Lens;

use App\Calculators\Example;
use App\Calculators\NumberCalculator;
use App\Calculators\Sheet;
use App\Calculators\SheetAnswer;
use App\Calculators\SheetField;
use App\Calculators\Topic;
use App\Input\CalculatorInput;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Optics\ExtensionTube;

/** How large a lens draws with a tube behind it, and what light that costs. */
final class TubeBehindLens extends NumberCalculator
{
    public function id(): string
    {
        return 'tube';
    }

    public function topic(): Topic
    {
        return Topic::Lens;
    }

    public function sheet(?Kit $kit = null): Sheet
    {
        return new Sheet(
            'Extension tube',
            'How large a lens draws with a tube behind it, and what light that costs.',
            [
                new SheetField('tube', 'Tube', 'mm', '25'),
                SheetField::focalLength(),
                new SheetField('m', 'Own magnification', '0 at infinity', '0', least: 0, most: 10),
            ],
            [
                SheetAnswer::number('magnification', 'Magnification', '%s : 1'),
                SheetAnswer::stops('lightLost', 'Light lost'),
            ],
        );
    }

    public function example(): Example
    {
        return new Example(
            ['tube' => '25', 'f' => '50'],
            ['magnification' => 0.5, 'lightLost' => 1.17],
        );
    }

    /** @return array<string, float> lightLost in stops */
    protected function numbers(CalculatorInput $input): array
    {
        $tube = ExtensionTube::of($input->positive('tube'), $input->positive('f'), $input->numberOr('m', 0.0));

        return ['magnification' => $tube->magnification, 'lightLost' => $tube->lightLost->value];
    }
}
