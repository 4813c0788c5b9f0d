<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class ColourOverSaturatedPct extends Measure
{
    public const ID = 'colour.overSaturatedPct';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'over-saturated share',
            meaning: 'of the frame',
            unit: '%',
            usual: new UsualDemand(Comparison::AtMost, 5.0, 2.5),
            needs: [Need::Colour],
        );
    }

    public function read(Situation $situation): ?float
    {
        return $situation->measures->colour?->overSaturatedPct;
    }
}
