<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class SubjectBlockedShadowsPct extends Measure
{
    public const ID = 'subject.blockedShadowsPct';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'blocked shadows in the subject',
            meaning: 'of the subject, counted as in the frame',
            unit: '%',
            usual: new UsualDemand(Comparison::AtMost, 10.0, 5.0),
            needs: [Need::Subject],
        );
    }

    public function read(Situation $situation): ?float
    {
        return $situation->measures->subject?->own()->blockedShadowsPct;
    }
}
