<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class SeriesMinutes extends Measure
{
    public const ID = 'series.minutes';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'time from the first frame of the row to the last',
            meaning: 'from the first frame to the last',
            unit: 'min',
            usual: new UsualDemand(Comparison::AtMost, 30.0, 15.0),
            needs: [Need::TakenAt],
        );
    }

    public function read(Situation $situation): ?float
    {
        $seconds = $situation->assignment->work?->seconds();

        return $seconds === null ? null : $seconds / 60;
    }
}
