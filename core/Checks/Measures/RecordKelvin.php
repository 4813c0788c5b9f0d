<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Situation;

final readonly class RecordKelvin extends Measure
{
    public const ID = 'record.kelvin';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'colour temperature that the picture is balanced for',
            meaning: 'colour temperature that the picture is balanced for, where the camera writes it',
            unit: 'K',
            usual: new UsualDemand(Comparison::AtMost, 5500.0, 500.0),
            sides: ['too blue', 'too warm'],
        );
    }

    public function read(Situation $situation): ?float
    {
        return $situation->record->handling->kelvin === null ? null : (float) $situation->record->handling->kelvin;
    }
}
