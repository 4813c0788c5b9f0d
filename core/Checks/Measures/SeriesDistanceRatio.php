<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class SeriesDistanceRatio extends Measure
{
    public const ID = 'series.distanceRatio';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'largest distance to the subject over the smallest',
            meaning: 'largest distance to the marked subject over the smallest, by focal length and share',
            usual: new UsualDemand(Comparison::AtLeast, 2.0, 0.5),
            needs: [Need::Subject, Need::Format],
        );
    }

    public function read(Situation $situation): ?float
    {
        return $situation->assignment->work?->distanceRatio();
    }
}
