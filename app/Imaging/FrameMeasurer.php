<?php

declare(strict_types=1);

namespace App\Imaging;

use TruePupil\Core\Composition\Region;
use TruePupil\Core\Measure\Measures;
use TruePupil\Core\Measure\SubjectMeasures;
use TruePupil\Core\Metering\PatternMeter;
use TruePupil\Core\Tone\ToneMeasures;

/** Measures one picture, and the marked subject in it. */
final readonly class FrameMeasurer
{
    /** Fine enough that a spot of 2.5 % of the frame holds hundreds of cells. */
    private const GRID_COLUMNS = 144;

    public function __construct(private PixelEngine $pixels)
    {
    }

    /** @throws \TruePupil\Core\Capture\UnreadablePicture */
    public function measure(string $original, string $workingCopy, ?Region $subject): Measures
    {
        $statistics = $this->pixels->statistics($original, $subject === null ? [] : [$subject]);
        $grid = $this->pixels->luminanceGrid($workingCopy, self::GRID_COLUMNS);
        $meter = new PatternMeter($grid, $subject?->centre() ?? ['x' => 0.5, 'y' => 0.5]);

        return new Measures(
            ToneMeasures::from($statistics[0]),
            $meter->verdicts(),
            $subject === null ? null : new SubjectMeasures($subject, ToneMeasures::from($statistics[1])),
        );
    }
}
