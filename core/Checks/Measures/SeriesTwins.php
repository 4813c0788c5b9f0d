<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class SeriesTwins extends Measure
{
    public const ID = 'series.twins';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'frames that say what another one says',
            meaning: 'frames that correlate with an earlier one to 0.985 and more, from the same distance',
            usual: new UsualDemand(Comparison::AtMost, 2.0, 2.0),
            needs: [Need::Series],
        );
    }

    public function read(Situation $situation): ?float
    {
        $work = $situation->assignment->work;

        return $work === null ? null : (float) count($work->twins());
    }
}
