<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Metering\MeteringPattern;
use TruePupil\Core\Situation\Situation;

final readonly class RecordMetering extends Measure
{
    public const ID = 'record.metering';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'metering pattern',
            meaning: 'how the camera metered',
            usual: new UsualDemand(Comparison::OneOf, ['spot']),
            words: self::labels(MeteringPattern::cases()),
        );
    }

    public function read(Situation $situation): ?string
    {
        return self::known($situation->record->exposure->metering->value);
    }
}
