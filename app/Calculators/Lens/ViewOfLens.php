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
use TruePupil\Core\Optics\AngleOfView;
use TruePupil\Core\Optics\SensorFormat;

/** What a focal length sees on a format. */
final class ViewOfLens extends NumberCalculator
{
    public function id(): string
    {
        return 'fov';
    }

    public function topic(): Topic
    {
        return Topic::Lens;
    }

    public function sheet(?Kit $kit = null): Sheet
    {
        return new Sheet(
            'Angle of view',
            'What a focal length sees on a format.',
            [
                SheetField::focalLength(),
                SheetField::format(),
            ],
            [
                SheetAnswer::degrees('horizontal', 'Across'),
                SheetAnswer::degrees('vertical', 'Up and down'),
                SheetAnswer::degrees('diagonal', 'Corner to corner'),
            ],
        );
    }

    public function example(): Example
    {
        return new Example(
            ['f' => '50', 'format' => '36x24'],
            ['horizontal' => 39.598, 'vertical' => 26.991, 'diagonal' => 46.793],
        );
    }

    /** @return array<string, float> degrees */
    protected function numbers(CalculatorInput $input): array
    {
        $view = AngleOfView::of($input->positive('f'), SensorFormat::parse($input->text('format')));

        return ['horizontal' => $view->horizontal, 'vertical' => $view->vertical, 'diagonal' => $view->diagonal];
    }
}
