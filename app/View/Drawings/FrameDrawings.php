<?php

declare(strict_types=1);

namespace App\View\Drawings;

/** What is drawn of a frame beside its picture: map, ruler and comb, where there is something to draw. */
final readonly class FrameDrawings
{
    public function __construct(
        public ?ExposureMapDrawing $map,
        public ?DepthRuler $ruler,
        public ?MovementComb $comb,
    ) {
    }
}
