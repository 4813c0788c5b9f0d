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
use TruePupil\Core\Optics\Teleconverter;

/** What a tele-converter makes of a lens. */
final class ConverterBehindLens extends NumberCalculator
{
    public function id(): string
    {
        return 'teleconverter';
    }

    public function topic(): Topic
    {
        return Topic::Lens;
    }

    public function sheet(?Kit $kit = null): Sheet
    {
        return new Sheet(
            'Tele-converter',
            'What a tele-converter makes of a lens.',
            [
                new SheetField('factor', 'Factor', '', '1.4', least: 1, most: 3),
                SheetField::focalLength('200'),
                SheetField::aperture('2.8'),
            ],
            [
                SheetAnswer::number('focalLength', 'Focal length', '%s mm'),
                SheetAnswer::fNumber('fNumber', 'Aperture'),
                SheetAnswer::stops('lightLost', 'Light lost'),
            ],
        );
    }

    public function example(): Example
    {
        return new Example(
            ['factor' => '2', 'f' => '200', 'n' => '2.8'],
            ['focalLength' => 400.0, 'fNumber' => 5.6, 'lightLost' => 2.0],
        );
    }

    /** @return array<string, float> focalLength in mm, lightLost in stops */
    protected function numbers(CalculatorInput $input): array
    {
        $converter = Teleconverter::of($input->positive('factor'), $input->positive('f'), $input->positive('n'));

        return [
            'focalLength' => $converter->focalLength,
            'fNumber' => $converter->fNumber,
            'lightLost' => $converter->lightLost->value,
        ];
    }
}
