<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class RecordMode extends Measure
{
    public const ID = 'record.mode';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'exposure mode',
            meaning: 'exposure mode',
            usual: new UsualDemand(Comparison::NoneOf, ['auto', 'scene']),
            words: self::labels(ExposureMode::cases()),
            needs: [Need::Mode],
        );
    }

    public function read(Situation $situation): ?string
    {
        return self::known($situation->record->exposure->mode->value);
    }
}
