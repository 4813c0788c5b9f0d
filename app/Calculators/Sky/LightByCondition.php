<?php

declare(strict_types=1);

namespace App\Calculators\Sky;

use App\Calculators\Example;
use App\Calculators\NumberCalculator;
use App\Calculators\Sheet;
use App\Calculators\SheetAnswer;
use App\Calculators\SheetField;
use App\Calculators\SkyInput;
use App\Calculators\Topic;
use App\Input\CalculatorInput;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Sky\LightTable;

/** The light to expect without a date. */
final class LightByCondition extends NumberCalculator
{
    public function id(): string
    {
        return 'light';
    }

    public function topic(): Topic
    {
        return Topic::Sky;
    }

    public function sheet(?Kit $kit = null): Sheet
    {
        return new Sheet(
            'Light by condition',
            'The light to expect for a height of the sun and a weather.',
            [
                new SheetField('sun', 'Sun\'s height', '°', '35', least: -90, most: 90),
                SheetField::weather(),
            ],
            [
                SheetAnswer::worded('ev100', 'Light', 'about EV %.1f at ISO 100'),
                SheetAnswer::settingAtIso100('ev100', 'For instance'),
            ],
        );
    }

    public function example(): Example
    {
        return new Example(['sun' => '35', 'weather' => 'clear'], ['ev100' => 14.754]);
    }

    /** @return array{ev100: float} by sun height in degrees and weather */
    protected function numbers(CalculatorInput $input): array
    {
        return [
            'ev100' => LightTable::ev100(
                $input->number('sun'),
                SkyInput::weather($input),
                $input->numberOr('moon', -90),
                $input->numberOr('moonPhaseAngle', 0),
            )->value,
        ];
    }
}
