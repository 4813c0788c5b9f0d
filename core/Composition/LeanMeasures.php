<?php

declare(strict_types=1);

namespace TruePupil\Core\Composition;

/** How far a picture leans, and its uprights with it. */
final readonly class LeanMeasures
{
    /**
     * @param  ?float  $tiltDeg  positive clockwise; null where no line says
     * @param  ?float  $convergenceDeg  upright lines leaning together from side to side; null where too few
     * @param  'mark'|'lines'|null  $tiltFrom  what says so: a line that somebody marked, or lines that were found
     */
    public function __construct(
        public ?float $tiltDeg,
        public ?float $convergenceDeg,
        public ?string $tiltFrom = null,
    ) {
    }
}
