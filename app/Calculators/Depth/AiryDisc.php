<?php

declare(strict_types=1);

namespace App\Calculators\Depth;

use App\Calculators\Example;
use App\Calculators\NumberCalculator;
use App\Calculators\Sheet;
use App\Calculators\SheetAnswer;
use App\Calculators\SheetField;
use App\Calculators\Topic;
use App\Input\CalculatorInput;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Optics\Diffraction;
use TruePupil\Core\Optics\SensorFormat;

/** Where diffraction begins to show. */
final class AiryDisc extends NumberCalculator
{
    public function id(): string
    {
        return 'airy';
    }

    public function topic(): Topic
    {
        return Topic::Depth;
    }

    public function sheet(?Kit $kit = null): Sheet
    {
        return new Sheet(
            'Diffraction',
            'The disc that the aperture itself makes of a point, and where it begins to show.',
            [
                SheetField::aperture('16'),
                SheetField::format(),
                new SheetField('pixels', 'Pixels across', '', '6000'),
            ],
            [
                SheetAnswer::worded('diameterUm', 'Airy disc', '%.1f µm'),
                SheetAnswer::fNumber('printLimit', 'Shows in a print beyond'),
                SheetAnswer::fNumber('pixelLimit', 'Shows in single pixels beyond'),
            ],
        );
    }

    public function example(): Example
    {
        return new Example(['n' => '16'], ['diameterUm' => 21.472]);
    }

    /** @return array<string, float> µm, and with a format the f-numbers from which it shows */
    protected function numbers(CalculatorInput $input): array
    {
        $format = $input->has('format') ? SensorFormat::parse($input->text('format')) : null;

        return [
            'diameterUm' => Diffraction::at($input->positive('n'))->airyMicrometres,
            ...$format === null ? [] : ['printLimit' => Diffraction::printLimit($format)],
            ...$format === null || ! $input->has('pixels')
                ? []
                : ['pixelLimit' => Diffraction::pixelLimit($format->pixelPitch((int) $input->positive('pixels')))],
        ];
    }
}
