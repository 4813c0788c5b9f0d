<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Situation;

final readonly class CompositionLayers extends Measure
{
    public const ID = 'composition.layers';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'layers of depth that are drawn',
            meaning: 'layers of depth that are drawn',
            usual: new UsualDemand(Comparison::AtLeast, 3.0),
        );
    }

    public function read(Situation $situation): float
    {
        return (float) count($situation->measures->claims->marks->layers ?? []);
    }
}
