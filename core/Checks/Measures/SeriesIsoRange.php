<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class SeriesIsoRange extends Measure
{
    public const ID = 'series.isoRange';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'ISO across the row',
            meaning: 'from the least to the most across the row',
            unit: 'stops',
            usual: new UsualDemand(Comparison::AtMost, 1 / 6, 0.5),
            needs: [Need::Series],
        );
    }

    public function read(Situation $situation): ?float
    {
        return $situation->assignment->series?->rangeOf('iso');
    }
}
