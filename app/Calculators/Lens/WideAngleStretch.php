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
use TruePupil\Core\Optics\RectilinearStretch;
use TruePupil\Core\Optics\SensorFormat;

/** How much longer than wide a ball comes out. */
final class WideAngleStretch extends NumberCalculator
{
    public function id(): string
    {
        return 'stretch';
    }

    public function topic(): Topic
    {
        return Topic::Lens;
    }

    public function sheet(?Kit $kit = null): Sheet
    {
        return new Sheet(
            'Wide-angle stretch',
            'How much longer than wide a ball comes out away from the middle of a straight-line lens.',
            [
                SheetField::focalLength('16'),
                SheetField::format(),
                new SheetField('x', 'Across the frame', '%', '100', least: 0, most: 100),
                new SheetField('y', 'Down the frame', '%', '100', least: 0, most: 100),
            ],
            [
                SheetAnswer::worded('ratio', 'Longer than wide', '%.2f times'),
                SheetAnswer::degrees('angle', 'Off the axis'),
                SheetAnswer::worded('radial', 'Outwards', '× %.2f'),
                SheetAnswer::worded('tangential', 'Across', '× %.2f'),
            ],
        );
    }

    public function example(): Example
    {
        return new Example(
            ['f' => '18', 'format' => '36x24', 'x' => '100', 'y' => '50'],
            ['angle' => 45.0, 'ratio' => 1.414],
        );
    }

    /** @return array<string, float> at a point in % of the frame from the top left; the corner when none is given */
    protected function numbers(CalculatorInput $input): array
    {
        $stretch = RectilinearStretch::at(
            $input->positive('f'),
            SensorFormat::parse($input->text('format')),
            $input->numberOr('x', 100) / 100,
            $input->numberOr('y', 100) / 100,
        );

        return [
            'angle' => $stretch->angle,
            'radial' => $stretch->radial,
            'tangential' => $stretch->tangential,
            'ratio' => $stretch->ratio,
        ];
    }
}
