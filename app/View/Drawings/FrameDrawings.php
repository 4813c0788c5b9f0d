<?php

declare(strict_types=1);

namespace App\View\Drawings;

use TruePupil\Core\Adviser\LadderStep;

/** What is drawn of a frame beside its picture: map, ruler and comb, where there is something to draw. */
final readonly class FrameDrawings
{
    /** @param  list<LadderStep>  $ladder  how the first suggestion was come to */
    public function __construct(
        public ?ExposureMapDrawing $map,
        public ?DepthRuler $ruler,
        public ?MovementComb $comb,
        public array $ladder = [],
    ) {
    }
}
