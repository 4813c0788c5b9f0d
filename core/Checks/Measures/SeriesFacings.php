<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class SeriesFacings extends Measure
{
    public const ID = 'series.facings';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'different ways of looking in the row',
            meaning: 'different ways of looking that were declared',
            usual: new UsualDemand(Comparison::AtLeast, 2.0),
            needs: [Need::Facing],
        );
    }

    public function read(Situation $situation): ?float
    {
        return self::number($situation->assignment->work?->facings());
    }
}
