<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class RawSubjectLostPct extends Measure
{
    public const ID = 'raw.subjectLostPct';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'subject at the end of a channel in the raw file',
            meaning: 'of the subject at the end of the channel that lost most, in the raw file',
            unit: '%',
            usual: new UsualDemand(Comparison::AtMost, 0.5, 0.5),
            needs: [Need::Raw, Need::Subject],
        );
    }

    public function read(Situation $situation): ?float
    {
        return $situation->measures->raw()?->subject?->lostPct();
    }
}
