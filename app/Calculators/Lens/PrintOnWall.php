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
use TruePupil\Core\Optics\ViewingDistance;

/** From how far a print is seen whole, and how many pixels it needs where it hangs. */
final class PrintOnWall extends NumberCalculator
{
    public function id(): string
    {
        return 'print';
    }

    public function topic(): Topic
    {
        return Topic::Lens;
    }

    public function sheet(?Kit $kit = null): Sheet
    {
        return new Sheet(
            'Viewing distance',
            'From how far a print is seen whole, and how many pixels it needs where it hangs.',
            [
                new SheetField('width', 'Width', 'm', '0.6'),
                new SheetField('height', 'Height', 'm', '0.4'),
                new SheetField('distance', 'Looked at from', 'm', '1'),
            ],
            [
                SheetAnswer::metres('whole', 'Seen as a whole from'),
                SheetAnswer::number('pixels', 'Pixels across that an eye can tell'),
            ],
        );
    }

    public function example(): Example
    {
        return new Example(
            ['width' => '0.6', 'height' => '0.8', 'distance' => '1'],
            ['whole' => 1.0, 'pixels' => 2062.6],
        );
    }

    /** @return array{whole: float, pixels: float} whole in m */
    protected function numbers(CalculatorInput $input): array
    {
        $print = ViewingDistance::of(
            $input->positive('width'),
            $input->positive('height'),
            $input->positive('distance'),
        );

        return ['whole' => $print->whole, 'pixels' => $print->pixels];
    }
}
