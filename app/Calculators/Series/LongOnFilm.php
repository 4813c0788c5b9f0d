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
use TruePupil\Core\Film\Reciprocity;
use TruePupil\Core\Kit\Kit;

/** What a metered time becomes on film. */
final class LongOnFilm extends NumberCalculator
{
    public function id(): string
    {
        return 'reciprocity';
    }

    public function topic(): Topic
    {
        return Topic::Series;
    }

    public function sheet(?Kit $kit = null): Sheet
    {
        return new Sheet(
            'Long exposures on film',
            'What a metered time becomes on film that answers less to long times.',
            [
                SheetField::time('10'),
                new SheetField('p', 'Exponent of the film', '', '1.3'),
            ],
            [
                SheetAnswer::number('time', 'Expose for', '%s s'),
            ],
        );
    }

    public function example(): Example
    {
        return new Example(['t' => '10', 'p' => '1.3'], ['time' => 19.953]);
    }

    /** @return array{time: float} seconds */
    protected function numbers(CalculatorInput $input): array
    {
        return [
            'time' => Reciprocity::corrected($input->positive('t'), $input->numberOr('p', Reciprocity::TYPICAL)),
        ];
    }
}
