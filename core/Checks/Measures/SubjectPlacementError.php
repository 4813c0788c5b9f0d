<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class SubjectPlacementError extends Measure
{
    public const ID = 'subject.placementError';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'subject from where the brief wants it',
            meaning: "the subject's mean luminance from where the placement wants it",
            unit: 'stops',
            usual: new UsualDemand(Comparison::Within, 1 / 3, 1 / 3),
            sides: ['too dark', 'too bright'],
            isAboutZero: true,
            needs: [Need::Subject, Need::Placement],
        );
    }

    public function read(Situation $situation): ?float
    {
        return $situation->placementError()?->value;
    }
}
