<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class SeriesSubjectRange extends Measure
{
    public const ID = 'series.subjectRange';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'subject from its darkest frame to its brightest',
            meaning: 'the subject from its darkest frame to its brightest',
            unit: 'stops',
            usual: new UsualDemand(Comparison::AtMost, 0.5, 0.5),
            needs: [Need::Subject],
        );
    }

    public function read(Situation $situation): ?float
    {
        return $situation->assignment->work?->subjectRange();
    }
}
