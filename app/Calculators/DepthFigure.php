<?php

declare(strict_types=1);

namespace App\Calculators;

use TruePupil\Core\Optics\DepthOfField;

/** A depth of field to be drawn, beside the one that is wanted. */
final readonly class DepthFigure
{
    /**
     * @param  float  $focus  m
     * @param  ?float  $wantedFrom  m
     * @param  ?float  $wantedTo  m; null is the horizon where something is wanted
     */
    public function __construct(
        public DepthOfField $depth,
        public float $focus,
        public ?float $wantedFrom = null,
        public ?float $wantedTo = null,
    ) {
    }
}
