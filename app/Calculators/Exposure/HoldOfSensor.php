<?php

declare(strict_types=1);

namespace App\Calculators\Exposure;

use App\Calculators\Example;
use App\Calculators\NumberCalculator;
use App\Calculators\Sheet;
use App\Calculators\SheetAnswer;
use App\Calculators\SheetField;
use App\Calculators\Topic;
use App\Input\CalculatorInput;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Optics\SensorFormat;
use TruePupil\Core\Sensor\SensorModel;

/** What a typical sensor holds at an ISO. */
final class HoldOfSensor extends NumberCalculator
{
    public function id(): string
    {
        return 'sensor';
    }

    public function topic(): Topic
    {
        return Topic::Exposure;
    }

    public function sheet(?Kit $kit = null): Sheet
    {
        return new Sheet(
            'What a sensor holds',
            'Dynamic range, highlight headroom and noise of a typical sensor at an ISO. Typical values, not '.
                'measurements of a body.',
            [
                SheetField::format(),
                new SheetField('pixels', 'Pixels across', '', '6000'),
                SheetField::iso('800'),
                new SheetField('base', 'Base ISO', '', '100'),
            ],
            [
                SheetAnswer::stops('dynamicRange', 'Dynamic range'),
                SheetAnswer::stops('highlightHeadroom', 'From mid-grey to clipping'),
                SheetAnswer::number('midGreySignalToNoise', 'Signal to noise at mid-grey', '%s to 1'),
                SheetAnswer::worded('pitchUm', 'Pixel pitch', '%.2f µm'),
            ],
        );
    }

    public function example(): Example
    {
        return new Example(['format' => '36x24', 'pixels' => '6000', 'iso' => '800'], ['pitchUm' => 6.0]);
    }

    /** @return array<string, float> */
    protected function numbers(CalculatorInput $input): array
    {
        $format = SensorFormat::parse($input->text('format'));
        $across = (int) $input->positive('pixels');
        $model = SensorModel::typical(
            $format,
            (int) round(($across ** 2 * $format->height) / $format->width),
            Iso::of($input->positiveOr('base', 100)),
            $input->has('readNoise') ? $input->positive('readNoise') : null,
        );
        $iso = Iso::of($input->positive('iso'));

        return [
            'pitchUm' => $format->pixelPitch($across),
            'dynamicRange' => $model->dynamicRange($iso)->value,
            'highlightHeadroom' => $model->highlightHeadroom($iso)->value,
            'midGreySignalToNoise' => $model->midGreySignalToNoise($iso),
        ];
    }
}
