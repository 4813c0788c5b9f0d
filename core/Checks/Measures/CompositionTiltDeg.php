<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class CompositionTiltDeg extends Measure
{
    public const ID = 'composition.tiltDeg';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'tilt',
            meaning: 'lean of the drawn horizon or upright, or of detected lines',
            unit: '°',
            usual: new UsualDemand(Comparison::Within, 0.7, 0.7),
            sides: ['falling to the left', 'falling to the right'],
            isAboutZero: true,
            needs: [Need::Composition],
        );
    }

    public function read(Situation $situation): ?float
    {
        return $situation->measures->composition?->lean->tiltDeg;
    }
}
