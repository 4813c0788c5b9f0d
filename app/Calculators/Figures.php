<?php

declare(strict_types=1);

namespace App\Calculators;

use TruePupil\Core\Adviser\ExposureMap;
use TruePupil\Core\Exposure\LightLedger;

/** What is drawn beside the lines of an answer. */
final readonly class Figures
{
    public function __construct(
        public ?PupilFigure $pupil = null,
        public ?DepthFigure $depth = null,
        public ?MovementFigure $movement = null,
        public ?ExposureMap $map = null,
        public ?LightLedger $ledger = null,
        public ?LightLedger $secondLedger = null,
    ) {
    }
}
