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
use TruePupil\Core\Optics\CloseUpLens;

/** How near and how large a lens draws with a close-up lens screwed on. */
final class LensBeforeLens extends NumberCalculator
{
    public function id(): string
    {
        return 'closeup-lens';
    }

    public function topic(): Topic
    {
        return Topic::Lens;
    }

    public function sheet(?Kit $kit = null): Sheet
    {
        return new Sheet(
            'Close-up lens',
            'How near and how large a lens draws with a close-up lens screwed on.',
            [
                new SheetField('dioptres', 'Dioptres', '', '2'),
                SheetField::focalLength('100'),
            ],
            [
                SheetAnswer::metres('distance', 'Focused at, from the close-up lens'),
                SheetAnswer::number('magnification', 'Magnification', '%s : 1'),
            ],
        );
    }

    public function example(): Example
    {
        return new Example(
            ['dioptres' => '2', 'f' => '100'],
            ['distance' => 0.5, 'magnification' => 0.2],
        );
    }

    /** @return array{distance: float, magnification: float} distance in m */
    protected function numbers(CalculatorInput $input): array
    {
        $lens = CloseUpLens::of($input->positive('dioptres'), $input->positive('f'));

        return ['distance' => $lens->distance, 'magnification' => $lens->magnification];
    }
}
