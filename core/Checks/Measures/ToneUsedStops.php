<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Situation;

final readonly class ToneUsedStops extends Measure
{
    public const ID = 'tone.usedStops';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'range that the frame uses',
            meaning: 'between the darkest and the brightest hundredth',
            unit: 'stops',
            usual: new UsualDemand(Comparison::AtLeast, 5.0, 1.0),
        );
    }

    public function read(Situation $situation): float
    {
        return $situation->measures->tone->usedStops();
    }
}
