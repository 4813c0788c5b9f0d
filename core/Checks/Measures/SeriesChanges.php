<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class SeriesChanges extends Measure
{
    public const ID = 'series.changes';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'kinds of change between the frames of one subject',
            meaning: 'how many of place, height, distance, focal length and time changed between frames '
                .'of one subject',
            usual: new UsualDemand(Comparison::AtLeast, 3.0),
            needs: [Need::Series],
        );
    }

    public function read(Situation $situation): ?float
    {
        $work = $situation->assignment->work;

        return $work === null ? null : (float) count($work->changes());
    }
}
