<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Series\Alignment;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class SeriesShiftPct extends Measure
{
    public const ID = 'series.shiftPct';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'largest shift between frames of the row',
            meaning: 'of the width, by which a frame is shifted against the first',
            unit: '%',
            usual: new UsualDemand(Comparison::AtMost, 1.2, 1.2),
            needs: [Need::Series],
        );
    }

    public function read(Situation $situation): ?float
    {
        return $situation->assignment->series === null
            ? null
            : Alignment::largest($situation->assignment->rowPictures)?->distance();
    }
}
