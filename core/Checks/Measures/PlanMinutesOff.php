<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class PlanMinutesOff extends Measure
{
    public const ID = 'plan.minutesOff';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'time from the planned moment',
            meaning: 'from the planned moment to when the picture was taken',
            unit: 'min',
            usual: new UsualDemand(Comparison::Within, 20.0, 20.0),
            sides: ['too early', 'too late'],
            isAboutZero: true,
            needs: [Need::TakenAtPlace, Need::TakenAt],
        );
    }

    public function read(Situation $situation): ?float
    {
        $taken = $situation->record->takenAt;

        return $taken === null ? null : $situation->statement->plan?->outing?->minutesOff($taken);
    }
}
