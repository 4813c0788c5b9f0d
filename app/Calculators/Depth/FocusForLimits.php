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
use TruePupil\Core\Optics\FocusPlan;

/** Where to focus for two limits. */
final class FocusForLimits extends NumberCalculator
{
    public function id(): string
    {
        return 'focus';
    }

    public function topic(): Topic
    {
        return Topic::Depth;
    }

    public function sheet(?Kit $kit = null): Sheet
    {
        return new Sheet(
            'Focus for two limits',
            'Where to focus, and how far to stop down, so that a near and a far point both look sharp.',
            [
                new SheetField('near', 'Sharp from', 'm', '2'),
                new SheetField('far', 'Sharp to', 'm; empty is the horizon', '8'),
                SheetField::focalLength('24'),
                SheetField::format(),
            ],
            [
                SheetAnswer::metres('focus', 'Focus at'),
                SheetAnswer::fNumber('fNumber', 'Aperture, at the widest'),
            ],
        );
    }

    public function example(): Example
    {
        return new Example(['near' => '2', 'far' => '8', 'f' => '24', 'format' => '36x24'], ['focus' => 3.2]);
    }

    /** @return array{focus: float, fNumber: float} m */
    protected function numbers(CalculatorInput $input): array
    {
        $plan = FocusPlan::forLimits(
            $input->positive('near'),
            $input->has('far') ? $input->positive('far') : null,
            $input->positive('f'),
            $input->circleOfConfusion(),
        );

        return ['focus' => $plan->distance, 'fNumber' => $plan->fNumber];
    }

    protected function figures(CalculatorInput $input, array $numbers): Figures
    {
        [$f, $n, $focus] = [$input->positive('f'), (float) $numbers['fNumber'], (float) $numbers['focus']];

        return new Figures(
            new PupilFigure($f, Aperture::of($n)),
            new DepthFigure(
                DepthOfField::of($f, $n, $focus, $input->circleOfConfusion()),
                $focus,
                $input->positive('near'),
                $input->has('far') ? $input->positive('far') : null,
            ),
        );
    }
}
