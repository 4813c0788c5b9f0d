<?php

declare(strict_types=1);

namespace TruePupil\Core\Measures;

use TruePupil\Core\Colour\ColourMeasures;
use TruePupil\Core\Composition\Attention;
use TruePupil\Core\Composition\CompositionMeasures;
use TruePupil\Core\Focus\FocusMeasures;
use TruePupil\Core\Metering\PatternMeter;
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

    public static function of(SmallMaps $maps): self
    {
        $focus = FocusMeasures::of($maps->detail);
        $attention = Attention::of(
            $maps->colours->reduced(CompositionMeasures::COARSE),
            $focus->around(Attention::columns(), Attention::rows()),
        );

        return new self(
            $focus,
            $attention,
            CompositionMeasures::of($maps->colours, $attention, $maps->aspect),
            ColourMeasures::of($maps->colours),
            (new PatternMeter($maps->luminance))->verdicts(),
            $maps->colours->reduced(self::THUMB)->grey(),
        );
    }
}
