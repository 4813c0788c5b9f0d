<?php

declare(strict_types=1);

namespace App\Calculators\Movement;

use App\Calculators\Example;
use App\Calculators\NumberCalculator;
use App\Calculators\Sheet;
use App\Calculators\SheetAnswer;
use App\Calculators\SheetField;
use App\Calculators\Topic;
use App\Input\CalculatorInput;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Motion\StarTrail;
use TruePupil\Core\Optics\SensorFormat;

/** How long stars stay points. */
final class StarsAsPoints extends NumberCalculator
{
    public function id(): string
    {
        return 'stars';
    }

    public function topic(): Topic
    {
        return Topic::Movement;
    }

    public function sheet(?Kit $kit = null): Sheet
    {
        return new Sheet(
            'Stars as points',
            'How long stars stay points on a camera that stands still.',
            [
                SheetField::focalLength('20'),
                SheetField::aperture('1.8'),
                new SheetField('pitch', 'Pixel pitch', 'µm', '6'),
                new SheetField('declination', 'Declination', '°', '0', least: -90, most: 90),
                SheetField::time('15'),
                SheetField::format(),
            ],
            [
                SheetAnswer::limit('pixelLimit', 'By the pixel rule'),
                SheetAnswer::limit('roughLimit', 'By the rough rule'),
                SheetAnswer::worded('trailPixels', 'Trail at this time', '%.1f pixels'),
            ],
        );
    }

    public function example(): Example
    {
        return new Example(
            ['f' => '20', 'n' => '1.8', 'pitch' => '6', 'declination' => '0', 't' => '15', 'format' => '36x24'],
            ['roughLimit' => 25.0, 'pixelLimit' => 12.15, 'trailPixels' => 3.646],
        );
    }

    /** @return array<string, float> seconds and pixels */
    protected function numbers(CalculatorInput $input): array
    {
        [$f, $pitch] = [$input->positive('f'), $input->positive('pitch')];
        // Stars nearer to the pole wander less: both limits are longer there.
        $declination = $input->numberOr('declination', 0);

        return [
            'roughLimit' => StarTrail::roughLimit(
                $f,
                SensorFormat::parse($input->text('format')),
                $declination,
            ),
            'pixelLimit' => StarTrail::pixelLimit($f, $input->positive('n'), $pitch, $declination),
            'trailPixels' => StarTrail::pixels($f, $pitch, $declination, $input->positive('t')),
        ];
    }
}
