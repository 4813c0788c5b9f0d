<?php

declare(strict_types=1);

namespace App\Calculators\Depth;

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
use TruePupil\Core\Optics\BlurDisc;
use TruePupil\Core\Optics\SensorFormat;

/** How soft a background goes. */
final class SoftBackground extends NumberCalculator
{
    public function id(): string
    {
        return 'blurdisc';
    }

    public function topic(): Topic
    {
        return Topic::Depth;
    }

    public function sheet(?Kit $kit = null): Sheet
    {
        return new Sheet(
            'How soft a background goes',
            'The disc that a point of the background becomes on the sensor.',
            [
                SheetField::focalLength('85'),
                SheetField::aperture('1.8'),
                SheetField::focusedAt('2'),
                new SheetField('d', 'Background at', 'm', '10'),
                SheetField::format(),
            ],
            [
                SheetAnswer::millimetres('diameter', 'Blur disc'),
                SheetAnswer::worded('percent', 'Of the frame\'s width', '%.1f %%'),
            ],
        );
    }

    public function example(): Example
    {
        return new Example(['f' => '50', 'n' => '2', 's' => '2', 'd' => '1000000000'], ['diameter' => 0.641]);
    }

    /** @return array<string, float> mm, and with a format the share of its width in % */
    protected function numbers(CalculatorInput $input): array
    {
        $disc = BlurDisc::of(
            $input->positive('f'),
            $input->positive('n'),
            $input->positive('s'),
            $input->positive('d'),
        );

        return [
            'diameter' => $disc->millimetres,
            ...$input->has('format')
                ? ['percent' => $disc->percentOfWidth(SensorFormat::parse($input->text('format')))]
                : [],
        ];
    }

    protected function figures(CalculatorInput $input, array $numbers): Figures
    {
        return new Figures(new PupilFigure($input->positive('f'), Aperture::of($input->positive('n'))));
    }
}
