<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Situation;

final readonly class ToneMeanStops extends Measure
{
    public const ID = 'tone.meanStops';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'mean of the frame from mid-grey',
            meaning: "the frame's mean from mid-grey",
            unit: 'stops',
            usual: new UsualDemand(Comparison::Within, 0.5, 0.5),
            sides: ['too dark', 'too bright'],
            isAboutZero: true,
        );
    }

    public function read(Situation $situation): float
    {
        return $situation->measures->tone->meanStops;
    }
}
