<?php

declare(strict_types=1);

namespace TruePupil\Core\Measures;

use TruePupil\Core\Colour\ColourMeasures;
use TruePupil\Core\Composition\Attention;
use TruePupil\Core\Composition\CompositionMeasures;
use TruePupil\Core\Composition\Forms;
use TruePupil\Core\Focus\DetailMap;
use TruePupil\Core\Focus\FocusMeasures;
use TruePupil\Core\Raster\GreyGrid;

/**
 * What hangs on a picture made small alone: sharpness, what draws the eye, lines and symmetry, colours, what a meter
 * says. The slow part of what is measured of a picture; it needs no count of its pixels.
 */
final readonly class Overview
{
    /** Columns of the thumbnail. */
    private const THUMB = 96;

    /** @param  array{scene: float, centre: float, spot: float, highlight: float}  $metering  verdicts in stops */
    private function __construct(
        public FocusMeasures $focus,
        public Attention $attention,
        public CompositionMeasures $composition,
        public ColourMeasures $colour,
        public array $metering,
        public GreyGrid $thumb,
    ) {
    }

    /** @param  DetailMap  $detail  the edges of the same picture */
    public static function of(FirstLook $first, DetailMap $detail): self
    {
        $focus = FocusMeasures::of($detail);
        $colours = $first->maps->colours;
        $attention = Attention::of(
            $colours->reduced(Forms::COARSE),
            $focus->around(Attention::columns(), Attention::rows()),
        );

        return new self(
            $focus,
            $attention,
            CompositionMeasures::of($first->forms, $attention, $first->maps->aspect),
            $first->colour,
            $first->metering,
            $colours->reduced(self::THUMB)->grey(),
        );
    }
}
