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
use TruePupil\Core\Motion\FilmShutter;

/** Filming: what each frame gets by shutter angle and rate, and what a still out of it costs. */
final class ShutterOfFilm extends NumberCalculator
{
    public function id(): string
    {
        return 'film-shutter';
    }

    public function topic(): Topic
    {
        return Topic::Movement;
    }

    public function sheet(?Kit $kit = null): Sheet
    {
        return new Sheet(
            'Shutter of a film',
            'How long each frame of a film is exposed, by the angle of its shutter, and what it costs to take a sharp '.
                'still out of it.',
            [
                new SheetField('rate', 'Frames a second', '', '25', least: 1, most: 1000),
                new SheetField('angle', 'Shutter angle', '°', '180', least: 1, most: 360),
                SheetField::time('1/250'),
            ],
            [
                SheetAnswer::duration('time', 'Each frame gets'),
                SheetAnswer::stops('cost', 'The time for a still takes less light, by'),
                SheetAnswer::worded('angleForStill', 'Its angle', '%.0f°'),
            ],
        );
    }

    public function example(): Example
    {
        return new Example(
            ['rate' => '25', 'angle' => '180', 't' => '1/100'],
            ['time' => 0.02, 'cost' => 1.0, 'angleForStill' => 90.0],
        );
    }

    /** @return array<string, ?float> seconds, stops and degrees */
    protected function numbers(CalculatorInput $input): array
    {
        $shutter = new FilmShutter($input->positiveOr('rate', 25.0));
        [$time, $still] = [
            $shutter->timeAt($input->positiveOr('angle', FilmShutter::USUAL_ANGLE)),
            $input->positive('t'),
        ];

        return [
            'time' => $time,
            'cost' => log($time / $still, 2),
            'angleForStill' => $shutter->angleFor($still),
        ];
    }
}
