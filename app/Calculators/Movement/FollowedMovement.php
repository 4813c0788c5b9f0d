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
use TruePupil\Core\Motion\Pan;
use TruePupil\Core\Optics\SensorFormat;

/** Times that streak the background while the subject stays. */
final class FollowedMovement extends NumberCalculator
{
    public function id(): string
    {
        return 'pan';
    }

    public function topic(): Topic
    {
        return Topic::Movement;
    }

    public function sheet(?Kit $kit = null): Sheet
    {
        return new Sheet(
            'Follow a movement',
            'Times that streak the background while the subject stays.',
            [
                new SheetField('v', 'Speed across', 'm/s', '5'),
                SheetField::focalLength('85'),
                SheetField::focusedAt('8'),
                SheetField::format(),
                new SheetField('slip', 'Speed that you miss', '%', '10', most: 100),
            ],
            [
                SheetAnswer::limit('shortest', 'No shorter than'),
                SheetAnswer::limit('longest', 'No longer than'),
            ],
        );
    }

    public function example(): Example
    {
        return new Example(
            ['v' => '5', 'f' => '85', 's' => '8', 'format' => '36x24', 'slip' => '10'],
            ['shortest' => 0.00678, 'longest' => 0.02235],
        );
    }

    /** @return array<string, ?float> seconds */
    protected function numbers(CalculatorInput $input): array
    {
        $pan = Pan::of(
            $input->positive('v'),
            $input->positive('f'),
            $input->positive('s'),
            SensorFormat::parse($input->text('format')),
            $input->positiveOr('slip', 100 * Pan::TYPICAL_SLIP) / 100,
        );

        return ['shortest' => $pan->shortest(), 'longest' => $pan->longest()];
    }
}
