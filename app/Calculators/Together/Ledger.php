<?php

declare(strict_types=1);

namespace App\Calculators\Together;

use App\Calculators\Answer;
use App\Calculators\Calculator;
use App\Calculators\Figures;
use App\Calculators\Sheet;
use App\Calculators\SheetField;
use App\Calculators\Topic;
use App\Input\CalculatorInput;
use InvalidArgumentException;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\LightLedger;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Kit\Kit;

/** What the light offers and what each setting gives or takes, for one setting or two. */
final class Ledger extends Calculator
{
    public function id(): string
    {
        return 'ledger';
    }

    public function topic(): Topic
    {
        return Topic::Together;
    }

    public function sheet(?Kit $kit = null): Sheet
    {
        return new Sheet(
            'Light ledger',
            'What the light offers and what each setting gives or takes, in stops; two settings line by line. Leave '.
                'the second empty for one account.',
            [
                new SheetField('light', 'Light', 'EV at ISO 100', '12'),
                new SheetField('wanted', 'Subject belongs at', 'stops from mid-grey', '0'),
                new SheetField('n', 'Aperture', 'f-number', '5.6'),
                new SheetField('t', 'Exposure time', 's', '1/125'),
                new SheetField('iso', 'ISO', '', '100'),
                new SheetField('filter', 'Filter', 'stops', '0'),
                new SheetField('n2', 'Second aperture', 'f-number', '2.8'),
                new SheetField('t2', 'Second time', 's', '1/250'),
                new SheetField('iso2', 'Second ISO', '', '100'),
                new SheetField('filter2', 'Second filter', 'stops', '0'),
            ],
        );
    }

    public function answer(CalculatorInput $input): Answer
    {
        $second = array_filter(['n2', 't2', 'iso2'], $input->has(...));
        if ($second !== [] && count($second) < 3) {
            throw new InvalidArgumentException('The second setting wants aperture, time and ISO, or none of them.');
        }

        return new Answer(
            figures: new Figures(
                ledger: self::ledger($input, ''),
                secondLedger: $second === [] ? null : self::ledger($input, '2'),
            ),
        );
    }

    /** @param  string  $end  of the keys of this setting */
    private static function ledger(CalculatorInput $input, string $end): LightLedger
    {
        return LightLedger::of(
            Ev100::of($input->number('light')),
            new ExposureSettings(
                Aperture::of($input->positive('n'.$end)),
                ExposureTime::of($input->positive('t'.$end)),
                Iso::of($input->positive('iso'.$end)),
            ),
            Stops::of($input->numberOr('wanted', 0)),
            null,
            Stops::of($input->numberOr('filter'.$end, 0)),
        );
    }
}
