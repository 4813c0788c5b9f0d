<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class SeriesStepError extends Measure
{
    public const ID = 'series.stepError';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'largest difference between steps of the row',
            meaning: 'the largest step of a bracket less the smallest',
            unit: 'stops',
            usual: new UsualDemand(Comparison::AtMost, 1 / 6, 1 / 3),
            needs: [Need::Series],
        );
    }

    public function read(Situation $situation): ?float
    {
        return $situation->assignment->series?->rangeOf('step');
    }
}
