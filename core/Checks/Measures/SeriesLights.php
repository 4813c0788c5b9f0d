<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class SeriesLights extends Measure
{
    public const ID = 'series.lights';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'different directions of light in the row',
            meaning: 'different directions of light that were declared',
            usual: new UsualDemand(Comparison::AtLeast, 2.0),
            needs: [Need::LightFrom],
        );
    }

    public function read(Situation $situation): ?float
    {
        return self::number($situation->assignment->work?->lights());
    }
}
