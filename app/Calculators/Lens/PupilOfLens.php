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
use TruePupil\Core\Optics\EntrancePupil;

/** The hole that the f-number describes. */
final class PupilOfLens extends NumberCalculator
{
    public function id(): string
    {
        return 'pupil';
    }

    public function topic(): Topic
    {
        return Topic::Lens;
    }

    public function sheet(?Kit $kit = null): Sheet
    {
        return new Sheet(
            'Entrance pupil',
            'The hole that the f-number describes: focal length divided by it.',
            [
                SheetField::focalLength('135'),
                SheetField::aperture('2.8'),
            ],
            [
                SheetAnswer::worded('diameter', 'Across', '%.2f mm'),
            ],
        );
    }

    public function example(): Example
    {
        return new Example(['f' => '35', 'n' => '2.8'], ['diameter' => 12.5]);
    }

    /** @return array{diameter: float} mm */
    protected function numbers(CalculatorInput $input): array
    {
        $pupil = EntrancePupil::fromNumbers($input->positive('f'), $input->positive('n'));

        return ['diameter' => $pupil->millimetres];
    }

    protected function figures(CalculatorInput $input, array $numbers): Figures
    {
        return new Figures(new PupilFigure($input->positive('f'), Aperture::of($input->positive('n'))));
    }
}
