<?php

declare(strict_types=1);

namespace App\Calculators\Depth;

use App\Calculators\Example;
use App\Calculators\NumberCalculator;
use App\Calculators\Sheet;
use App\Calculators\SheetAnswer;
use App\Calculators\SheetField;
use App\Calculators\Topic;
use App\Input\CalculatorInput;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Optics\FocusStack;

/** How many frames a focus stack takes. */
final class StackOfFrames extends NumberCalculator
{
    /** So many distances are written out. */
    private const SHOWN = 12;

    public function id(): string
    {
        return 'stack';
    }

    public function topic(): Topic
    {
        return Topic::Depth;
    }

    public function sheet(?Kit $kit = null): Sheet
    {
        return new Sheet(
            'Focus stack',
            'How many frames cover a range of distances, and where each is focused.',
            [
                new SheetField('near', 'From', 'm', '0.3'),
                new SheetField('far', 'To', 'm', '0.4'),
                SheetField::focalLength('100'),
                SheetField::aperture('8'),
                SheetField::format(),
                new SheetField('overlap', 'Overlap', '%', '20', least: 0, most: 90),
            ],
            [
                SheetAnswer::frames('frames', 'Frames'),
                new SheetAnswer('distances', 'Focused at', self::distances(...)),
                new SheetAnswer('isWhole', 'To the end', fn (bool $isWhole): string => $isWhole
                    ? 'yes'
                    : 'no: many more frames would be needed'),
            ],
        );
    }

    public function example(): Example
    {
        return new Example(
            ['near' => '1', 'far' => '1.001', 'f' => '50', 'n' => '8', 'format' => '36x24'],
            ['frames' => 1],
        );
    }

    /** @return array{frames: int, distances: list<float>, isWhole: bool} m; not whole where more would be needed */
    protected function numbers(CalculatorInput $input): array
    {
        $stack = FocusStack::covering(
            $input->positive('near'),
            $input->positive('far'),
            $input->positive('f'),
            $input->positive('n'),
            $input->circleOfConfusion(),
            $input->numberOr('overlap', 20) / 100,
        );

        return ['frames' => $stack->frames(), 'distances' => $stack->distances, 'isWhole' => $stack->isWhole];
    }

    /** @param  list<float>  $distances  m */
    private static function distances(array $distances): string
    {
        $shown = array_map(
            fn (float $metres): string => sprintf('%.3f m', $metres),
            array_slice($distances, 0, self::SHOWN),
        );

        return implode(' · ', $shown).(count($distances) > self::SHOWN ? ' …' : '');
    }
}
