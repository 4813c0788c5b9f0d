<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class SunAltitude extends Measure
{
    public const ID = 'sun.altitude';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'height of the sun',
            meaning: 'height of the sun at the planned place when the picture was taken',
            unit: '°',
            usual: new UsualDemand(Comparison::AtMost, 12.0, 6.0),
            sides: ['too low', 'too high'],
            isAboutZero: true,
            needs: [Need::TakenAtPlace, Need::TakenAt],
        );
    }

    public function read(Situation $situation): ?float
    {
        $taken = $situation->record->takenAt;

        return $taken === null ? null : $situation->statement->plan?->outing?->sunAltitude($taken);
    }
}
