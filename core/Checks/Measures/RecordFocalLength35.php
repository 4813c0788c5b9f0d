<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class RecordFocalLength35 extends Measure
{
    public const ID = 'record.focalLength35';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'focal length, as on 36 × 24 mm',
            meaning: 'as recorded, as on 36 × 24 mm',
            unit: 'mm',
            usual: new UsualDemand(Comparison::AtLeast, 70.0, 15.0),
            needs: [Need::Format],
        );
    }

    public function orWord(Comparison $comparison): string
    {
        return $comparison === Comparison::AtLeast ? 'or longer' : 'or shorter';
    }

    public function read(Situation $situation): ?float
    {
        return $situation->record->lens->focalLength35;
    }
}
