<?php

declare(strict_types=1);

namespace App\Calculators\Lens;

use App\Calculators\Example;
use App\Calculators\Figures;
use App\Calculators\NumberCalculator;
use App\Calculators\PupilFigure;
use App\Calculators\Sheet;
use App\Calculators\SheetAnswer;
use App\Calculators\SheetField;
use App\Calculators\Topic;
use App\Input\CalculatorInput;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Optics\CloseUp;

/** What magnification takes of the light. */
final class LightLostCloseUp extends NumberCalculator
{
    public function id(): string
    {
        return 'closeup';
    }

    public function topic(): Topic
    {
        return Topic::Lens;
    }

    public function sheet(?Kit $kit = null): Sheet
    {
        return new Sheet(
            'Close-up',
            'What magnification takes of the light.',
            [
                SheetField::focalLength('100'),
                SheetField::aperture('8'),
                SheetField::focusedAt('0.3'),
            ],
            [
                SheetAnswer::worded('magnification', 'Magnification', '%.2f of life size'),
                SheetAnswer::fNumber('effectiveN', 'Works like'),
                SheetAnswer::stops('stopsLost', 'Light lost'),
            ],
        );
    }

    public function example(): Example
    {
        return new Example(
            ['f' => '100', 'n' => '8', 's' => '0.2'],
            ['magnification' => 1.0, 'effectiveN' => 16.0, 'stopsLost' => 2.0],
        );
    }

    /** @return array<string, float> */
    protected function numbers(CalculatorInput $input): array
    {
        $close = CloseUp::of($input->positive('f'), $input->positive('n'), $input->positive('s'));

        return [
            'magnification' => $close->magnification,
            'effectiveN' => $close->effectiveFNumber,
            'stopsLost' => $close->lightLost->value,
        ];
    }

    protected function figures(CalculatorInput $input, array $numbers): Figures
    {
        return new Figures(new PupilFigure($input->positive('f'), Aperture::of($input->positive('n'))));
    }
}
