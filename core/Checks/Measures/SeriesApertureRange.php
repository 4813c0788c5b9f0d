<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class SeriesApertureRange extends Measure
{
    public const ID = 'series.apertureRange';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'aperture across the row',
            meaning: 'from the least to the most across the row',
            unit: 'stops',
            usual: new UsualDemand(Comparison::AtLeast, 3.0, 1.0),
            needs: [Need::Series],
        );
    }

    public function read(Situation $situation): ?float
    {
        return $situation->assignment->series?->rangeOf('aperture');
    }
}
