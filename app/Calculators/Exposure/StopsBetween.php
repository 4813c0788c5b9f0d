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
use InvalidArgumentException;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Kit\Kit;

/** Counts what lies between two settings on the scale. */
final class StopsBetween extends NumberCalculator
{
    public function id(): string
    {
        return 'stops';
    }

    public function topic(): Topic
    {
        return Topic::Exposure;
    }

    public function sheet(?Kit $kit = null): Sheet
    {
        return new Sheet(
            'Stops between two settings',
            'Counted on the scale, in whole thirds: from one aperture, time or ISO to another.',
            [
                new SheetField('fromN', 'Aperture from', '', '3.2'),
                new SheetField('toN', 'Aperture to', '', '1.8'),
                new SheetField('fromT', 'Time from', 's'),
                new SheetField('toT', 'Time to', 's'),
                new SheetField('fromIso', 'ISO from'),
                new SheetField('toIso', 'ISO to'),
            ],
            [
                SheetAnswer::stops('aperture', 'By the aperture'),
                SheetAnswer::stops('time', 'By the time'),
                SheetAnswer::stops('iso', 'By ISO'),
                SheetAnswer::stops('stops', 'Light gained together'),
            ],
        );
    }

    public function example(): Example
    {
        return new Example(['fromIso' => '100', 'toIso' => '640'], ['stops' => 8 / 3]);
    }

    /**
     * @return array<string, float>
     *   light gained in going from one to the other, on the scale; several pairs are added up
     */
    protected function numbers(CalculatorInput $input): array
    {
        $parts = [];
        if ($input->has('fromN') || $input->has('toN')) {
            $parts['aperture'] = Aperture::of($input->positive('toN'))
                ->stopsMoreLightThan(Aperture::of($input->positive('fromN')))->value;
        }
        if ($input->has('fromT') || $input->has('toT')) {
            $parts['time'] = ExposureTime::of($input->positive('toT'))
                ->stopsMoreLightThan(ExposureTime::of($input->positive('fromT')))->value;
        }
        if ($input->has('fromIso') || $input->has('toIso')) {
            $parts['iso'] = Iso::of($input->positive('toIso'))->stopsMoreThan(
                Iso::of($input->positive('fromIso')),
            )->value;
        }

        return $parts !== []
            ? ['stops' => array_sum($parts), ...$parts]
            : throw new InvalidArgumentException('Give fromN and toN, fromT and toT, or fromIso and toIso.');
    }
}
