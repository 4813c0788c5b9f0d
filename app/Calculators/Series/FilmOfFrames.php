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
use TruePupil\Core\Series\TimeLapse;

/** How many frames an event takes, how long the film is, and the exposure time at which movement flows. */
final class FilmOfFrames extends NumberCalculator
{
    public function id(): string
    {
        return 'time-lapse';
    }

    public function topic(): Topic
    {
        return Topic::Series;
    }

    public function sheet(?Kit $kit = null): Sheet
    {
        return new Sheet(
            'Time-lapse',
            'How many frames an event takes, how long the film is, and the exposure time at which movement flows.',
            [
                new SheetField('event', 'The event lasts', 's', '3600'),
                new SheetField('interval', 'A frame every', 's', '5'),
                new SheetField('rate', 'Shown at', 'frames a second', '25'),
            ],
            [
                SheetAnswer::frames('frames', 'Frames'),
                SheetAnswer::duration('length', 'Length of the film'),
                SheetAnswer::number('speed', 'As fast as it was', '%s times'),
                SheetAnswer::duration('flowing', 'Movement flows at'),
            ],
        );
    }

    public function example(): Example
    {
        return new Example(
            ['event' => '3600', 'interval' => '5', 'rate' => '25'],
            ['frames' => 721, 'length' => 28.84, 'speed' => 125.0, 'flowing' => 2.5],
        );
    }

    /** @return array<string, float|int> length and flowing in s */
    protected function numbers(CalculatorInput $input): array
    {
        $film = TimeLapse::of($input->positive('event'), $input->positive('interval'), $input->positive('rate'));

        return [
            'frames' => $film->frames,
            'length' => $film->length,
            'speed' => $film->speed,
            'flowing' => $film->flowing,
        ];
    }
}
