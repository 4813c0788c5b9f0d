<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Situation;

final readonly class ToneBlockedShadowsPct extends Measure
{
    public const ID = 'tone.blockedShadowsPct';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'blocked shadows in the frame',
            meaning: 'of the frame, all three channels at 0 or 1',
            unit: '%',
            usual: new UsualDemand(Comparison::AtMost, 5.0, 5.0),
        );
    }

    public function read(Situation $situation): float
    {
        return $situation->measures->tone->blockedShadowsPct;
    }
}
