<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class SeriesCoveredStops extends Measure
{
    public const ID = 'series.coveredStops';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'range that the frames of the row hold between them',
            meaning: 'the range that the frames hold between them',
            unit: 'stops',
            usual: new UsualDemand(Comparison::AtLeast, 12.0, 1.0),
            needs: [Need::Series],
        );
    }

    public function read(Situation $situation): ?float
    {
        return $situation->assignment->coveredRange()?->stops;
    }
}
