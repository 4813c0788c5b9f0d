<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class SeriesLostPct extends Measure
{
    public const ID = 'series.lostPct';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'highlights lost even in the darkest frame of the row',
            meaning: 'highlights lost even in the darkest frame',
            unit: '%',
            usual: new UsualDemand(Comparison::AtMost, 1.0, 1.0),
            needs: [Need::Series],
        );
    }

    public function read(Situation $situation): ?float
    {
        return $situation->assignment->coveredRange()?->lostPct;
    }
}
