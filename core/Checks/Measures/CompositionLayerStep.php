<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class CompositionLayerStep extends Measure
{
    public const ID = 'composition.layerStep';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'least difference of tone between neighbouring layers',
            meaning: 'least difference of mean tone between neighbouring layers',
            unit: 'stops',
            usual: new UsualDemand(Comparison::AtLeast, 2 / 3, 1 / 3),
            needs: [Need::Layers],
        );
    }

    public function read(Situation $situation): ?float
    {
        return $situation->measures->claims->marks?->layerStep();
    }
}
