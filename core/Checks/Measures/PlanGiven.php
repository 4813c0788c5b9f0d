<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Situation;

final readonly class PlanGiven extends Measure
{
    public const ID = 'plan.given';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'plan',
            meaning: 'whether there is a plan',
            usual: new UsualDemand(Comparison::OneOf, ['given']),
            words: ['given' => 'given', 'none' => 'none'],
        );
    }

    public function read(Situation $situation): string
    {
        return $situation->statement->plan === null ? 'none' : 'given';
    }
}
