<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class SubjectBurntPct extends Measure
{
    public const ID = 'subject.burntPct';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'pale tones of the subject at the end of a channel',
            meaning: 'of the subject with red or green at its end in a pale tone',
            unit: '%',
            usual: new UsualDemand(Comparison::AtMost, 2.0, 2.0),
            needs: [Need::Subject],
        );
    }

    public function read(Situation $situation): ?float
    {
        return $situation->measures->subject?->burntPct;
    }
}
