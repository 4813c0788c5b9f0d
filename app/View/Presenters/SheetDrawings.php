<?php

declare(strict_types=1);

namespace App\View\Presenters;

use App\View\Drawings\DepthRuler;
use App\View\Drawings\ExposureMapDrawing;
use App\View\Drawings\MovementComb;
use App\View\Drawings\PupilDrawing;
use TruePupil\Core\Exposure\LightLedger;

/** What is drawn beside the lines of a calculator. */
final readonly class SheetDrawings
{
    public function __construct(
        public ?PupilDrawing $pupil = null,
        public ?DepthRuler $ruler = null,
        public ?MovementComb $comb = null,
        public ?ExposureMapDrawing $map = null,
        public ?LightLedger $ledger = null,
        public ?LightLedger $secondLedger = null,
    ) {
    }
}
