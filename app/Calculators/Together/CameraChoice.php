<?php

declare(strict_types=1);

namespace App\Calculators\Together;

use App\Calculators\Answer;
use App\Calculators\Calculator;
use App\Calculators\ExposeInput;
use App\Calculators\Figures;
use App\Calculators\PupilFigure;
use App\Calculators\Sheet;
use App\Calculators\SheetField;
use App\Calculators\Topic;
use App\Input\CalculatorInput;
use InvalidArgumentException;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Modes\ExposureRequest;
use TruePupil\Core\Modes\ExposureSolver;
use TruePupil\Core\Modes\FinderDisplay;

/** What a camera chooses in a mode, what its finder shows, and the limits that it meets. */
final class CameraChoice extends Calculator
{
    public function id(): string
    {
        return 'expose';
    }

    public function topic(): Topic
    {
        return Topic::Together;
    }

    public function sheet(?Kit $kit = null): Sheet
    {
        return new Sheet(
            'What the camera chooses',
            'The light, a mode and what you set: the values that the camera adds, what the finder shows, and every '.
                'limit it meets on the way, in order.',
            [
                new SheetField('light', 'Light', 'EV at ISO 100', '7'),
                new SheetField('mode', 'Mode', '', 'aperture', self::modes()),
                new SheetField('n', 'Aperture set', 'f-number', '2.8'),
                new SheetField('t', 'Time set', 's', '1/125'),
                new SheetField('iso', 'ISO set', 'empty is automatic'),
                new SheetField('compensation', 'Compensation', 'stops', '0'),
                new SheetField('filter', 'Filter', 'stops', '0'),
                new SheetField('floor', 'Automatic ISO from', '', '100'),
                new SheetField('ceiling', 'Automatic ISO to', '', '6400'),
                new SheetField('automaticSlowest', 'Its slowest time', 's', '1/80'),
                new SheetField('widest', 'Lens opens to', 'f-number', '1.8'),
                new SheetField('smallest', 'Lens closes to', 'f-number', '16'),
                new SheetField('f', 'Focal length', 'mm', '50'),
                new SheetField('fastest', 'Fastest time', 's', '1/8000'),
                new SheetField('slowest', 'Slowest time', 's', '30'),
                new SheetField('isoMin', 'Lowest ISO', '', '100'),
                new SheetField('isoMax', 'Highest ISO', '', '25600'),
                new SheetField('flashSync', 'Flash sync', 's', '1/200'),
                new SheetField('flash', 'Flash', '', '', ['' => 'off', '1' => 'on']),
                new SheetField('silent', 'Shutter', '', '', ['' => 'mechanical', '1' => 'electronic, silent']),
            ],
        );
    }

    public function answer(CalculatorInput $input): Answer
    {
        $request = self::request($input);
        $solved = ExposureSolver::solve($request);
        [$focalLength, $widest] = [$request->lens->focalLength, $request->lens->widest];

        return new Answer(
            figures: new Figures(
                $focalLength === null ? null : new PupilFigure($focalLength, $solved->settings->aperture, $widest),
            ),
            solved: $solved,
            finder: FinderDisplay::of($request, $solved),
        );
    }

    /** @return array<string, string> label by value */
    private static function modes(): array
    {
        $modes = [];
        foreach (ExposureMode::cases() as $mode) {
            if ($mode !== ExposureMode::Unknown) {
                $modes[$mode->value] = $mode->label();
            }
        }

        return $modes;
    }

    /** @throws InvalidArgumentException naming the key at fault */
    private static function request(CalculatorInput $input): ExposureRequest
    {
        $automatic = [
            'floor' => $input->has('floor') ? $input->positive('floor') : null,
            'ceiling' => $input->has('ceiling') ? $input->positive('ceiling') : null,
            'slowest' => $input->has('automaticSlowest') ? $input->positive('automaticSlowest') : null,
        ];

        return ExposeInput::read(
            Fields::of([
                'sceneEv100' => $input->number('light'),
                'mode' => $input->text('mode'),
                'set' => [
                    'fNumber' => $input->has('n') ? $input->positive('n') : null,
                    'exposureTime' => $input->has('t') ? $input->positive('t') : null,
                    'iso' => $input->has('iso') ? $input->positive('iso') : 'auto',
                ],
                'compensation' => $input->numberOr('compensation', 0),
                'filterStops' => $input->numberOr('filter', 0),
                'lens' => [
                    'widest' => $input->positiveOr('widest', 1),
                    'smallest' => $input->positiveOr('smallest', 22),
                    'focalLength' => $input->positiveOr('f', 50),
                ],
                'body' => $input->numbersOf('fastest', 'slowest', 'isoMin', 'isoMax', 'flashSync'),
                'autoIso' => array_filter($automatic) === [] ? null : $automatic,
                'flash' => $input->has('flash'),
                'silent' => $input->has('silent'),
            ]),
        );
    }
}
