<?php

declare(strict_types=1);

namespace App\Calculators\Sky;

use App\Calculators\Example;
use App\Calculators\NumberCalculator;
use App\Calculators\Sheet;
use App\Calculators\SheetAnswer;
use App\Calculators\SheetField;
use App\Calculators\Topic;
use App\Input\CalculatorInput;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ComposingFrame;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Kit\Kit;

/** From a short frame that is right to the one that is kept. */
final class ComposingFrameAtNight extends NumberCalculator
{
    public function id(): string
    {
        return 'composing';
    }

    public function topic(): Topic
    {
        return Topic::Sky;
    }

    public function sheet(?Kit $kit = null): Sheet
    {
        return new Sheet(
            'From a composing frame at night',
            'Short frames at the highest ISO show how the picture will be. The one that is right gives the '.
                'time of the one that is kept.',
            [
                new SheetField('t', 'Time of the composing frame', 's', '1'),
                new SheetField('n', 'Its aperture', 'f-number', '2.8'),
                new SheetField('iso', 'Its ISO', '', '25600'),
                new SheetField('isoFinal', 'ISO of the frame to keep', '', '800'),
                new SheetField('nFinal', 'Its aperture', 'f-number; empty: the same', '2.8'),
            ],
            [
                SheetAnswer::duration('time', 'Its time'),
                SheetAnswer::duration('wait', 'With noise reduction, you wait'),
            ],
        );
    }

    public function example(): Example
    {
        return new Example(
            ['t' => '1', 'n' => '2.8', 'iso' => '25600', 'isoFinal' => '800'],
            ['time' => 32.0, 'wait' => 64.0],
        );
    }

    /** @return array{time: float, wait: float} seconds: the frame that is kept, and with a dark frame after it */
    protected function numbers(CalculatorInput $input): array
    {
        $seconds = ComposingFrame::finalTime(
            new ExposureSettings(
                Aperture::of($input->positive('n')),
                ExposureTime::of($input->positive('t')),
                Iso::of($input->positive('iso')),
            ),
            Aperture::of($input->positiveOr('nFinal', $input->positive('n'))),
            Iso::of($input->positive('isoFinal')),
        );

        return ['time' => $seconds, 'wait' => ComposingFrame::wait($seconds)];
    }
}
