<?php

declare(strict_types=1);

namespace App\Calculators\Depth;

use App\Calculators\DepthFigure;
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
use TruePupil\Core\Optics\DepthOfField;

/** What looks sharp in front of and behind the focus. */
final class SharpDepth extends NumberCalculator
{
    public function id(): string
    {
        return 'dof';
    }

    public function topic(): Topic
    {
        return Topic::Depth;
    }

    public function sheet(?Kit $kit = null): Sheet
    {
        return new Sheet(
            'Depth of field',
            'What looks sharp in front of and behind the focus.',
            [
                SheetField::focalLength(),
                SheetField::aperture('8'),
                SheetField::focusedAt(),
                SheetField::format(),
            ],
            [
                SheetAnswer::metres('near', 'Sharp from'),
                SheetAnswer::metres('far', 'Sharp to'),
                SheetAnswer::metres('total', 'Depth'),
                SheetAnswer::metres('hyperfocal', 'Hyperfocal distance'),
            ],
        );
    }

    public function example(): Example
    {
        return new Example(
            ['f' => '16', 'n' => '8', 's' => '2', 'c' => '0.030'],
            ['hyperfocal' => 1.083, 'near' => 0.699, 'far' => null],
        );
    }

    /** @return array<string, ?float> m */
    protected function numbers(CalculatorInput $input): array
    {
        $depth = $this->depth($input);

        return [
            'hyperfocal' => $depth->hyperfocal,
            'near' => $depth->near,
            'far' => $depth->far,
            'total' => $depth->total(),
        ];
    }

    protected function figures(CalculatorInput $input, array $numbers): Figures
    {
        return new Figures(
            new PupilFigure($input->positive('f'), Aperture::of($input->positive('n'))),
            new DepthFigure($this->depth($input), $input->positive('s')),
        );
    }

    private function depth(CalculatorInput $input): DepthOfField
    {
        return DepthOfField::of(
            $input->positive('f'),
            $input->positive('n'),
            $input->positive('s'),
            $input->circleOfConfusion(),
        );
    }
}
