<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class SubjectMeanStops extends Measure
{
    public const ID = 'subject.meanStops';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'mean of the subject from mid-grey',
            meaning: "the subject's mean luminance from mid-grey",
            unit: 'stops',
            usual: new UsualDemand(Comparison::Within, 2 / 3, 1 / 3),
            sides: ['too dark', 'too bright'],
            isAboutZero: true,
            needs: [Need::Subject],
        );
    }

    public function read(Situation $situation): ?float
    {
        return $situation->measures->subject?->placement()->value;
    }
}
