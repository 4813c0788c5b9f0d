<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class SeriesHeightRange extends Measure
{
    public const ID = 'series.heightRange';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'height of the camera across the row, in heights of the subject',
            meaning: 'height of the camera across the row, in heights of the subject: where the marked '
                .'horizon crosses it',
            usual: new UsualDemand(Comparison::AtLeast, 0.5, 0.2),
            needs: [Need::Horizon],
        );
    }

    public function read(Situation $situation): ?float
    {
        return $situation->assignment->work?->heightRange();
    }
}
