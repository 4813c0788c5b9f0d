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
use TruePupil\Core\Optics\FramingLength;
use TruePupil\Core\Optics\SensorFormat;

/** Which focal length fills the longer side of the frame with something. */
final class LengthForFraming extends NumberCalculator
{
    public function id(): string
    {
        return 'framing';
    }

    public function topic(): Topic
    {
        return Topic::Lens;
    }

    public function sheet(?Kit $kit = null): Sheet
    {
        return new Sheet(
            'Focal length for a framing',
            'Which focal length fills the longer side of the frame with something.',
            [
                new SheetField('size', 'Its size', 'm', '1.8'),
                new SheetField('s', 'Its distance', 'm', '4'),
                SheetField::format(),
            ],
            [
                SheetAnswer::number('focalLength', 'Focal length', '%s mm'),
                SheetAnswer::number('magnification', 'Magnification', '%s : 1'),
            ],
        );
    }

    public function example(): Example
    {
        return new Example(
            ['size' => '3.6', 's' => '5.05', 'format' => '36x24'],
            ['focalLength' => 50.0, 'magnification' => 0.01],
        );
    }

    /** @return array{focalLength: float, magnification: float} focalLength in mm */
    protected function numbers(CalculatorInput $input): array
    {
        $format = SensorFormat::parse($input->text('format'));
        $framing = FramingLength::of(
            $input->positive('size'),
            $input->positive('s'),
            max($format->width, $format->height),
        );

        return ['focalLength' => $framing->focalLength, 'magnification' => $framing->magnification];
    }
}
