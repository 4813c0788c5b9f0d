<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class CompositionEdges extends Measure
{
    public const ID = 'composition.edges';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'distractions at the edges',
            meaning: 'how many things at the edges draw the eye',
            usual: new UsualDemand(Comparison::AtMost, 1.0, 1.0),
            needs: [Need::Composition],
        );
    }

    public function read(Situation $situation): ?float
    {
        return $situation->measures->composition === null
            ? null
            : (float) count($situation->measures->composition->edges);
    }
}
