<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Situation;

final readonly class SaidReason extends Measure
{
    public const ID = 'said.reason';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'reason',
            meaning: 'whether the student said why',
            usual: new UsualDemand(Comparison::OneOf, ['given']),
            words: ['given' => 'given', 'none' => 'none'],
        );
    }

    public function read(Situation $situation): string
    {
        return trim((string) $situation->statement->reason) === '' ? 'none' : 'given';
    }
}
