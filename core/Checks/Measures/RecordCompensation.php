<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Situation;

final readonly class RecordCompensation extends Measure
{
    public const ID = 'record.compensation';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'exposure compensation',
            meaning: 'as recorded',
            unit: 'stops',
            usual: new UsualDemand(Comparison::AtLeast, 1.0, 1 / 3),
            sides: ['too far down', 'too far up'],
            isAboutZero: true,
        );
    }

    public function read(Situation $situation): ?float
    {
        return $situation->record->exposure->compensation;
    }
}
