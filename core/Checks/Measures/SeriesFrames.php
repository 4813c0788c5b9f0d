<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class SeriesFrames extends Measure
{
    public const ID = 'series.frames';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'frames in the row',
            meaning: 'frames in the row',
            usual: new UsualDemand(Comparison::AtLeast, 3.0),
            needs: [Need::Series],
        );
    }

    public function read(Situation $situation): ?float
    {
        // They can be counted whether or not their records tell anything.
        return self::number($situation->assignment->rowFrames ?? $situation->assignment->series?->count());
    }
}
