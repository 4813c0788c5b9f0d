<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class SubjectEyeLightStops extends Measure
{
    public const ID = 'subject.eyeLightStops';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'lightest part of the eye against the face',
            meaning: 'lightest part of the marked eye against the mean of the subject',
            unit: 'stops',
            usual: new UsualDemand(Comparison::AtLeast, -0.8, 0.5),
            sides: ['too dark', 'too bright'],
            isAboutZero: true,
            needs: [Need::Subject, Need::Eye],
        );
    }

    public function read(Situation $situation): ?float
    {
        return $situation->measures->subject?->eyeLight?->stops;
    }
}
