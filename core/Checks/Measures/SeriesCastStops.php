<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class SeriesCastStops extends Measure
{
    public const ID = 'series.castStops';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'grey from its coldest frame to its warmest, red against blue',
            meaning: 'red against blue in what should be grey, from the coldest frame to the warmest',
            unit: 'stops',
            usual: new UsualDemand(Comparison::AtMost, 0.25, 0.25),
            needs: [Need::Series],
        );
    }

    public function read(Situation $situation): ?float
    {
        return $situation->assignment->work?->warmRange();
    }
}
