<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Situation;

final readonly class ToneP99Stops extends Measure
{
    public const ID = 'tone.p99Stops';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'bright end of the frame from mid-grey',
            meaning: "where the frame's brightest hundredth begins, from mid-grey",
            unit: 'stops',
            usual: new UsualDemand(Comparison::AtLeast, 1.0, 2 / 3),
            sides: ['too dark', 'too bright'],
            isAboutZero: true,
        );
    }

    public function read(Situation $situation): float
    {
        return $situation->measures->tone->p99Stops;
    }
}
