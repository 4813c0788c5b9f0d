<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Situation;

final readonly class RecordWhiteBalance extends Measure
{
    public const ID = 'record.whiteBalance';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'white balance',
            meaning: 'who chose the white balance',
            usual: new UsualDemand(Comparison::OneOf, ['set']),
            words: ['auto' => 'automatic', 'set' => 'set by hand'],
        );
    }

    public function read(Situation $situation): ?string
    {
        return $situation->record->handling->whiteBalance;
    }
}
