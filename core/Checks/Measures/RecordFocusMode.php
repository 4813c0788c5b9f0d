<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Situation;

final readonly class RecordFocusMode extends Measure
{
    public const ID = 'record.focusMode';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'focus mode',
            meaning: 'single, continuous or by hand',
            usual: new UsualDemand(Comparison::OneOf, ['continuous']),
            words: ['single' => 'single', 'continuous' => 'continuous', 'manual' => 'by hand'],
        );
    }

    public function read(Situation $situation): ?string
    {
        return $situation->record->handling->focusMode?->value;
    }
}
