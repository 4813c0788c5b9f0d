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
use TruePupil\Core\Series\BracketLength;

/** How many frames hold a range. */
final class FramesOfBracket extends NumberCalculator
{
    public function id(): string
    {
        return 'bracket';
    }

    public function topic(): Topic
    {
        return Topic::Series;
    }

    public function sheet(?Kit $kit = null): Sheet
    {
        return new Sheet(
            'Frames of a bracket',
            'How many frames hold a scene with more range than the sensor.',
            [
                new SheetField('sceneStops', 'Range of the scene', 'stops', '16'),
                new SheetField('usableStops', 'One frame holds', 'stops', '11'),
                new SheetField('step', 'Step', 'stops', '2'),
            ],
            [
                SheetAnswer::frames('frames', 'Frames'),
            ],
        );
    }

    public function example(): Example
    {
        return new Example(['sceneStops' => '16', 'usableStops' => '10', 'step' => '2'], ['frames' => 4]);
    }

    /** @return array{frames: int} */
    protected function numbers(CalculatorInput $input): array
    {
        return [
            'frames' => BracketLength::frames(
                $input->number('sceneStops'),
                $input->number('usableStops'),
                $input->positive('step'),
            ),
        ];
    }
}
