<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class RawHeadroomStops extends Measure
{
    public const ID = 'raw.headroomStops';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'room in the raw file above the brightest tones',
            meaning: 'from the brightest thousandth of the channel that is full first to its end, in the raw file',
            unit: 'stops',
            usual: new UsualDemand(Comparison::AtMost, 0.5, 0.5),
            sides: ['too bright', 'too dark'],
            needs: [Need::Raw],
        );
    }

    public function read(Situation $situation): ?float
    {
        return $situation->measures->raw()?->frame->headroom();
    }
}
