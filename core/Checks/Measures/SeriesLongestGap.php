<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class SeriesLongestGap extends Measure
{
    public const ID = 'series.longestGap';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'longest wait between frames of the row',
            meaning: "from one frame's end to the next one's start",
            unit: 's',
            usual: new UsualDemand(Comparison::AtMost, 3.0, 5.0),
            needs: [Need::Series],
        );
    }

    public function read(Situation $situation): ?float
    {
        return $situation->assignment->series?->longestGap();
    }
}
