<?php

declare(strict_types=1);

namespace App\Calculators\Series;

use App\Calculators\Example;
use App\Calculators\NumberCalculator;
use App\Calculators\Sheet;
use App\Calculators\SheetAnswer;
use App\Calculators\SheetField;
use App\Calculators\Topic;
use App\Input\CalculatorInput;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Optics\AngleOfView;
use TruePupil\Core\Optics\PanoramaFrames;
use TruePupil\Core\Optics\SensorFormat;

/** How many frames side by side cover a view, and how far to turn from one to the next. */
final class FramesOfPanorama extends NumberCalculator
{
    public function id(): string
    {
        return 'panorama';
    }

    public function topic(): Topic
    {
        return Topic::Series;
    }

    public function sheet(?Kit $kit = null): Sheet
    {
        return new Sheet(
            'Panorama',
            'How many frames side by side cover a view, and how far to turn from one to the next.',
            [
                new SheetField('view', 'View', '°', '120', least: 1, most: 360),
                SheetField::focalLength(),
                SheetField::format(),
                new SheetField('overlap', 'Overlap', '%', '30', least: 0, most: 90),
                new SheetField('upright', 'Camera', '', 'yes', ['yes' => 'upright', 'no' => 'across']),
            ],
            [
                SheetAnswer::frames('frames', 'Frames'),
                SheetAnswer::degrees('turn', 'Turn each time by'),
            ],
        );
    }

    public function example(): Example
    {
        return new Example(
            ['view' => '90', 'f' => '50', 'format' => '36x24', 'overlap' => '50', 'upright' => 'no'],
            ['frames' => 4, 'turn' => 19.799],
        );
    }

    /** @return array{frames: int, turn: float} degrees */
    protected function numbers(CalculatorInput $input): array
    {
        $view = AngleOfView::of($input->positive('f'), SensorFormat::parse($input->text('format')));
        $isUpright = ! $input->has('upright') || $input->text('upright') === 'yes';
        $frames = PanoramaFrames::of(
            $input->positive('view'),
            $isUpright ? $view->vertical : $view->horizontal,
            $input->numberOr('overlap', 30) / 100,
        );

        return ['frames' => $frames->frames, 'turn' => $frames->turn];
    }
}
