<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class SeriesOverlapPct extends Measure
{
    public const ID = 'series.overlapPct';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'least that two neighbours of the row show in common',
            meaning: 'least share of the width that two neighbours show in common; 0 where nothing is found',
            unit: '%',
            usual: new UsualDemand(Comparison::AtLeast, 25.0, 5.0),
            needs: [Need::Series],
        );
    }

    public function read(Situation $situation): ?float
    {
        return $situation->assignment->work?->leastOverlap();
    }
}
