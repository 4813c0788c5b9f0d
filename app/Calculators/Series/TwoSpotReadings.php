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
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Series\TwoSpots;

/** Whether one frame holds two places. */
final class TwoSpotReadings extends NumberCalculator
{
    public function id(): string
    {
        return 'two-spots';
    }

    public function topic(): Topic
    {
        return Topic::Series;
    }

    public function sheet(?Kit $kit = null): Sheet
    {
        return new Sheet(
            'Two spot readings',
            'The darkest and the brightest place that are to keep detail, each read by a spot: whether one '.
                'frame holds both, and which frames do. The first keeps the bright place.',
            [
                new SheetField('dark', 'Dark place reads', 'EV at ISO 100', '4'),
                new SheetField('bright', 'Bright place reads', 'EV at ISO 100', '15'),
                new SheetField('usableStops', 'One frame holds', 'stops', '9'),
                new SheetField('headroom', 'Of them above mid-grey', 'stops', '2.5'),
                new SheetField('step', 'Step', 'stops', '2'),
            ],
            [
                new SheetAnswer(
                    'rangeStops',
                    'Range of the scene',
                    fn (float $stops): string => Stops::of($stops)->inWords(),
                ),
                new SheetAnswer(
                    'frames',
                    'It takes',
                    fn (int $frames): string => $frames === 1 ? 'one frame' : $frames.' frames',
                ),
                new SheetAnswer('ev100', 'Set for', self::exposures(...)),
                SheetAnswer::settingAtIso100('ev100.0', 'The first, for instance'),
                new SheetAnswer('darkStops', 'The dark place then lies', self::darkPlace(...)),
            ],
        );
    }

    public function example(): Example
    {
        return new Example(
            ['dark' => '8', 'bright' => '14', 'usableStops' => '9'],
            ['rangeStops' => 6.0, 'frames' => 1, 'ev100.0' => 11.5],
        );
    }

    /** @return array{rangeStops: float, frames: int, ev100: list<float>, darkStops: float, brightStops: float} */
    protected function numbers(CalculatorInput $input): array
    {
        $spots = new TwoSpots(Ev100::of($input->number('dark')), Ev100::of($input->number('bright')));
        $headroom = $input->numberOr('headroom', 2.5);
        $exposures = $spots->exposures(
            $input->positive('usableStops'),
            $headroom,
            $input->has('step') ? $input->positive('step') : 2.0,
        );

        return [
            'rangeStops' => $spots->range()->value,
            'frames' => count($exposures),
            'ev100' => array_map(fn (Ev100 $exposure): float => $exposure->value, $exposures),
            // In the first frame the bright place decides, in the last one the dark place is highest.
            'brightStops' => $headroom,
            'darkStops' => $spots->dark->value - $exposures[count($exposures) - 1]->value,
        ];
    }

    /** @param  list<float>  $exposures  EV at ISO 100 */
    private static function exposures(array $exposures): string
    {
        return implode(', ', array_map(fn (float $ev): string => sprintf('EV %.1f', $ev), $exposures)).' at ISO 100';
    }

    private static function darkPlace(float $stops): string
    {
        return Stops::of($stops)->signed().' from mid-grey in the last one';
    }
}
