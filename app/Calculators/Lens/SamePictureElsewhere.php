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
use TruePupil\Core\Optics\EquivalentSettings;
use TruePupil\Core\Optics\SensorFormat;

/** Which settings of another format give the same view, depth and light in all. */
final class SamePictureElsewhere extends NumberCalculator
{
    public function id(): string
    {
        return 'equivalent';
    }

    public function topic(): Topic
    {
        return Topic::Lens;
    }

    public function sheet(?Kit $kit = null): Sheet
    {
        return new Sheet(
            'The same picture on another format',
            'Which settings of another format give the same view, depth and light in all.',
            [
                SheetField::focalLength(),
                SheetField::aperture('2.8'),
                SheetField::iso(),
                SheetField::format(),
                new SheetField('to', 'Other format', '', '23.5x15.6', SensorFormat::NAMED),
            ],
            [
                SheetAnswer::number('focalLength', 'Focal length', '%s mm'),
                SheetAnswer::fNumber('fNumber', 'Aperture'),
                SheetAnswer::number('iso', 'ISO'),
            ],
        );
    }

    public function example(): Example
    {
        return new Example(
            ['f' => '50', 'n' => '4', 'iso' => '400', 'format' => '36x24', 'to' => '18x12'],
            ['focalLength' => 25.0, 'fNumber' => 2.0, 'iso' => 100.0],
        );
    }

    /** @return array<string, float> focalLength in mm */
    protected function numbers(CalculatorInput $input): array
    {
        $same = EquivalentSettings::on(
            SensorFormat::parse($input->text('to')),
            SensorFormat::parse($input->text('format')),
            $input->positive('f'),
            $input->positive('n'),
            $input->positive('iso'),
        );

        return ['focalLength' => $same->focalLength, 'fNumber' => $same->fNumber, 'iso' => $same->iso];
    }
}
