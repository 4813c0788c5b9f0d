<?php

declare(strict_types=1);

namespace App\Calculators\Movement;

use App\Calculators\Example;
use App\Calculators\Figures;
use App\Calculators\MovementFigure;
use App\Calculators\NumberCalculator;
use App\Calculators\Sheet;
use App\Calculators\SheetAnswer;
use App\Calculators\SheetField;
use App\Calculators\Topic;
use App\Input\CalculatorInput;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Motion\SubjectBlur;
use TruePupil\Core\Optics\SensorFormat;

/** How far a subject travels on the sensor. */
final class FrozenMovement extends NumberCalculator
{
    public function id(): string
    {
        return 'motion';
    }

    public function topic(): Topic
    {
        return Topic::Movement;
    }

    public function sheet(?Kit $kit = null): Sheet
    {
        return new Sheet(
            'Freeze a movement',
            'How far a subject travels on the sensor, and the longest times that keep it frozen or sharp '.
                'enough.',
            [
                new SheetField('v', 'Speed', 'm/s', '1.4'),
                new SheetField('angle', 'Direction', '°; 0 is across', '0', least: -180, most: 180),
                SheetField::focalLength(),
                SheetField::focusedAt('5'),
                SheetField::format(),
                SheetField::time('1/125'),
            ],
            [
                SheetAnswer::limit('criticalLimit', 'Frozen up to'),
                SheetAnswer::limit('acceptableLimit', 'Sharp enough up to'),
                SheetAnswer::millimetres('blur', 'Blur at this time'),
            ],
        );
    }

    public function example(): Example
    {
        return new Example(
            ['v' => '1.4', 'angle' => '0', 'f' => '50', 's' => '5', 'format' => '36x24', 't' => '1/125'],
            ['blur' => 0.1131, 'criticalLimit' => 1 / 471, 'acceptableLimit' => 1 / 118],
        );
    }

    /** @return array<string, ?float> mm and seconds */
    protected function numbers(CalculatorInput $input): array
    {
        $blur = $this->blur($input);

        return [
            'blur' => $blur->after($input->positive('t')),
            'criticalLimit' => $blur->criticalLimit(),
            'acceptableLimit' => $blur->acceptableLimit(),
        ];
    }

    protected function figures(CalculatorInput $input, array $numbers): Figures
    {
        return $numbers['criticalLimit'] === null ? new Figures() : new Figures(
            movement: new MovementFigure(
                $this->blur($input),
                $input->circleOfConfusion(),
                used: ExposureTime::of($input->positive('t')),
            ),
        );
    }

    private function blur(CalculatorInput $input): SubjectBlur
    {
        return SubjectBlur::of(
            $input->number('v'),
            $input->numberOr('angle', 0),
            $input->positive('f'),
            $input->positive('s'),
            SensorFormat::parse($input->text('format')),
        );
    }
}
