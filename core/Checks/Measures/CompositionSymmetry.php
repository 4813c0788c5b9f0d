<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class CompositionSymmetry extends Measure
{
    public const ID = 'composition.symmetry';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'symmetry about the middle',
            meaning: 'likeness of both halves, 0 to 1',
            usual: new UsualDemand(Comparison::AtLeast, 0.6, 0.1),
            needs: [Need::Composition],
        );
    }

    public function read(Situation $situation): ?float
    {
        return $situation->measures->composition?->symmetry->score;
    }
}
