<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class RecordSupport extends Measure
{
    public const ID = 'record.support';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'what held the camera',
            meaning: 'what held the camera',
            usual: new UsualDemand(Comparison::OneOf, ['tripod']),
            words: self::labels(Support::cases()),
            needs: [Need::Support],
        );
    }

    public function read(Situation $situation): ?string
    {
        return $situation->record->support?->value;
    }
}
