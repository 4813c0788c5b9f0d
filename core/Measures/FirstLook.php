<?php

declare(strict_types=1);

namespace TruePupil\Core\Measures;

use TruePupil\Core\Colour\ColourMeasures;
use TruePupil\Core\Composition\Forms;
use TruePupil\Core\Metering\PatternMeter;

/** What hangs on light and colours of a picture made small: what can be said before its edges are known. */
final readonly class FirstLook
{
    /** @param  array{scene: float, centre: float, spot: float, highlight: float}  $metering  verdicts in stops */
    private function __construct(
        public SmallMaps $maps,
        public Forms $forms,
        public ColourMeasures $colour,
        public array $metering,
    ) {
    }

    public static function of(SmallMaps $maps): self
    {
        return new self(
            $maps,
            Forms::of($maps->colours),
            ColourMeasures::of($maps->colours),
            (new PatternMeter($maps->luminance))->verdicts(),
        );
    }
}
