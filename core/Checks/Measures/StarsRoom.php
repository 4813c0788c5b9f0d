<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class StarsRoom extends Measure
{
    public const ID = 'stars.room';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'room before stars trail',
            meaning: 'the longest time that keeps stars points over the time, where stars were meant',
            unit: 'stops',
            usual: new UsualDemand(Comparison::AtLeast, 0.0, 0.5),
            sides: ['too long', 'too short'],
            isAboutZero: true,
            needs: [Need::Stars, Need::ExposureTime, Need::FocalLength, Need::Format],
        );
    }

    public function read(Situation $situation): ?float
    {
        [$time, $limit] = [$situation->record->exposure->exposureTime, $situation->starLimit()];

        return $time === null || $limit === null ? null : Stops::ofRatio($limit / $time->exact)->value;
    }
}
