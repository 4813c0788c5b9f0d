<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Situation;

final readonly class RecordFlash extends Measure
{
    public const ID = 'record.flash';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'flash',
            meaning: 'whether a flash fired',
            usual: new UsualDemand(Comparison::OneOf, ['off']),
            words: ['fired' => 'fired', 'off' => 'off'],
        );
    }

    public function read(Situation $situation): ?string
    {
        return match ($situation->record->exposure->flashFired) {
            true => 'fired',
            false => 'off',
            null => null,
        };
    }
}
