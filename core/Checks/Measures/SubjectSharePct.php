<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class SubjectSharePct extends Measure
{
    public const ID = 'subject.sharePct';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'share of the frame that the subject fills',
            meaning: 'of the frame that the marked subject fills',
            unit: '%',
            usual: new UsualDemand(Comparison::AtLeast, 8.0, 4.0),
            sides: ['too small', 'too large'],
            needs: [Need::Subject],
        );
    }

    public function read(Situation $situation): ?float
    {
        return $situation->measures->subject?->region->sharePct();
    }
}
