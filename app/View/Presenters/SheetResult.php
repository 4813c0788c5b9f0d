<?php

declare(strict_types=1);

namespace App\View\Presenters;

use App\Calculators\Answer;
use App\Calculators\Calculator;
use App\Calculators\DepthFigure;
use App\Calculators\MovementFigure;
use App\Calculators\PupilFigure;
use App\View\Drawings\DepthRuler;
use App\View\Drawings\ExposureMapDrawing;
use App\View\Drawings\MovementComb;
use App\View\Drawings\PupilDrawing;
use InvalidArgumentException;
use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Capture\RecordedExposure;
use TruePupil\Core\Capture\RecordedLens;

/** What a sheet of the Bench shows: the answer, or what was wrong, and the drawings that go with it. */
final readonly class SheetResult
{
    private function __construct(
        public Answer $answer,
        public ?string $problem = null,
        public ?PupilDrawing $pupil = null,
        public ?DepthRuler $ruler = null,
        public ?MovementComb $comb = null,
        public ?ExposureMapDrawing $map = null,
    ) {
    }

    /** @param  array<string, string>  $values  as typed */
    public static function of(Calculator $calculator, array $values): self
    {
        $sheet = $calculator->sheet();
        try {
            $answer = $calculator->answer($sheet->given($values));
        } catch (InvalidArgumentException $problem) {
            return new self(new Answer(), $sheet->inItsWords($problem->getMessage()));
        }
        $figures = $answer->figures;

        return new self(
            $answer,
            pupil: $figures->pupil === null ? null : self::pupil($figures->pupil),
            ruler: $figures->depth === null ? null : self::ruler($figures->depth),
            comb: $figures->movement === null ? null : self::comb($figures->movement),
            map: ExposureMapDrawing::of($figures->map),
        );
    }

    private static function pupil(PupilFigure $figure): ?PupilDrawing
    {
        return PupilDrawing::of(
            new CaptureRecord(
                exposure: new RecordedExposure(fNumber: $figure->aperture),
                lens: new RecordedLens(focalLength: $figure->focalLength, widestFNumber: $figure->widest),
            ),
        );
    }

    private static function ruler(DepthFigure $figure): DepthRuler
    {
        return DepthRuler::of($figure->depth, $figure->focus, $figure->wantedFrom, $figure->wantedTo);
    }

    private static function comb(MovementFigure $figure): MovementComb
    {
        return MovementComb::of($figure->blur, $figure->circle, $figure->reach, $figure->wanted, $figure->used);
    }
}
