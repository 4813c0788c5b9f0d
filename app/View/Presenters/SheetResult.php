<?php

declare(strict_types=1);

namespace App\View\Presenters;

use App\Calculators\Calculators;
use App\Calculators\CameraSheets;
use App\Calculators\Sheet;
use App\Input\CalculatorInput;
use App\View\Drawings\DepthRuler;
use App\View\Drawings\ExposureMapDrawing;
use App\View\Drawings\MovementComb;
use App\View\Drawings\PupilDrawing;
use InvalidArgumentException;
use TruePupil\Core\Adviser\Advice;
use TruePupil\Core\Adviser\AdviceRequest;
use TruePupil\Core\Adviser\KitAdviser;
use TruePupil\Core\Adviser\Suggestion;
use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Capture\RecordedExposure;
use TruePupil\Core\Capture\RecordedLens;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Kit\Reach;
use TruePupil\Core\Modes\ExposureSolver;
use TruePupil\Core\Modes\FinderDisplay;
use TruePupil\Core\Modes\SolvedExposure;
use TruePupil\Core\Motion\SubjectBlur;
use TruePupil\Core\Optics\DepthOfField;
use TruePupil\Core\Optics\SensorFormat;

/** What a sheet of the Bench answers: lines to read, and the drawings that go with them. */
final readonly class SheetResult
{
    /**
     * @param  list<array{label: string, text: string}>  $lines
     */
    private function __construct(
        public array $lines = [],
        public ?string $problem = null,
        public SheetDrawings $drawings = new SheetDrawings(),
        public ?Advice $advice = null,
        public ?SolvedExposure $solved = null,
        public ?FinderDisplay $finder = null,
    ) {
    }

    /** @param  array<string, string>  $values  as typed */
    public static function of(Sheet $sheet, array $values): self
    {
        try {
            $input = $sheet->given($values);

            return match ($sheet->id) {
                'solve' => self::solve(CameraSheets::adviceRequest($input)),
                'expose' => self::expose($input),
                'ledger' => self::ledger($input),
                default => self::calculate($sheet, $input),
            };
        } catch (InvalidArgumentException $problem) {
            return new self(problem: $sheet->inItsWords($problem->getMessage()));
        }
    }

    private static function calculate(Sheet $sheet, CalculatorInput $input): self
    {
        $lines = $sheet->read(Calculators::run($sheet->id, $input));

        return match ($sheet->id) {
            'dof' => new self(
                lines: $lines,
                drawings: new SheetDrawings(
                    pupil: self::pupil($input->positive('f'), $input->positive('n')),
                    ruler: DepthRuler::of(
                        DepthOfField::of(
                            $input->positive('f'),
                            $input->positive('n'),
                            $input->positive('s'),
                            SensorFormat::parse($input->text('format'))->circleOfConfusion(),
                        ),
                        $input->positive('s'),
                    ),
                ),
            ),
            'focus' => self::focus($lines, $input),
            'pupil', 'closeup', 'blurdisc' => new self(
                lines: $lines,
                drawings: new SheetDrawings(pupil: self::pupil($input->positive('f'), $input->positive('n'))),
            ),
            'motion' => self::motion($lines, $input),
            default => new self(lines: $lines),
        };
    }

    /** @param  list<array{label: string, text: string}>  $lines */
    private static function focus(array $lines, CalculatorInput $input): self
    {
        [$near, $far] = [$input->positive('near'), $input->has('far') ? $input->positive('far') : null];
        $plan = Calculators::run('focus', $input);
        $circle = SensorFormat::parse($input->text('format'))->circleOfConfusion();

        return new self(
            lines: $lines,
            drawings: new SheetDrawings(
                pupil: self::pupil($input->positive('f'), (float) $plan['fNumber']),
                ruler: DepthRuler::of(
                    DepthOfField::of($input->positive('f'), (float) $plan['fNumber'], (float) $plan['focus'], $circle),
                    (float) $plan['focus'],
                    $near,
                    $far,
                ),
            ),
        );
    }

    /** @param  list<array{label: string, text: string}>  $lines */
    private static function motion(array $lines, CalculatorInput $input): self
    {
        $format = SensorFormat::parse($input->text('format'));
        $blur = SubjectBlur::of(
            $input->number('v'),
            $input->numberOr('angle', 0),
            $input->positive('f'),
            $input->positive('s'),
            $format,
        );

        return new self(
            lines: $lines,
            drawings: new SheetDrawings(
                comb: $blur->criticalLimit() === null
                    ? null
                    : MovementComb::of(
                        $blur,
                        $format->circleOfConfusion(),
                        used: ExposureTime::of($input->positive('t')),
                    ),
            ),
        );
    }

    private static function solve(AdviceRequest $request): self
    {
        $advice = KitAdviser::advise($request);
        $first = $advice->suggestions[0] ?? null;
        $intent = $request->intent;
        $format = $request->kit->body->format;
        $blur =
            $first?->lens->focalLength === null
                ? null
                : $intent->movement?->blur($first->lens->focalLength, $intent->distances->subject, $format);

        return new self(
            advice: $advice,
            drawings: new SheetDrawings(
                map: ExposureMapDrawing::of($advice->map),
                ruler: $first?->lens->focalLength === null || $first->lens->focusDistance === null
                    ? null
                    : self::ruler($request, $first),
                comb: $blur?->criticalLimit() === null
                    ? null
                    : MovementComb::of(
                        $blur,
                        $format->circleOfConfusion(),
                        Reach::of($request->kit->body),
                        $intent->movement->band(
                            (float) $first->lens->focalLength,
                            $intent->distances->subject,
                            $format,
                        ),
                        $first->exposure->settings->time,
                    ),
            ),
        );
    }

    private static function ruler(AdviceRequest $request, Suggestion $first): DepthRuler
    {
        $wants = $request->intent->asksForDepth();

        return DepthRuler::of(
            DepthOfField::of(
                (float) $first->lens->focalLength,
                $first->exposure->settings->aperture->exact,
                (float) $first->lens->focusDistance,
                $request->kit->body->format->circleOfConfusion(),
            ),
            (float) $first->lens->focusDistance,
            $wants ? $request->intent->sharpFrom() : null,
            $wants ? $request->intent->sharpTo() : null,
        );
    }

    private static function expose(CalculatorInput $input): self
    {
        $request = CameraSheets::exposureRequest($input);
        $solved = ExposureSolver::solve($request);

        return new self(
            solved: $solved,
            finder: FinderDisplay::of($request, $solved),
            drawings: new SheetDrawings(
                pupil: PupilDrawing::of(
                    new CaptureRecord(
                        exposure: new RecordedExposure(fNumber: $solved->settings->aperture),
                        lens: new RecordedLens(
                            focalLength: $request->lens->focalLength,
                            widestFNumber: $request->lens->widest,
                        ),
                    ),
                ),
            ),
        );
    }

    private static function ledger(CalculatorInput $input): self
    {
        [$first, $second] = CameraSheets::ledgers($input);

        return new self(drawings: new SheetDrawings(ledger: $first, secondLedger: $second));
    }

    private static function pupil(float $focalLength, float $fNumber): ?PupilDrawing
    {
        return PupilDrawing::of(
            new CaptureRecord(
                exposure: new RecordedExposure(fNumber: Aperture::of($fNumber)),
                lens: new RecordedLens(focalLength: $focalLength),
            ),
        );
    }
}
