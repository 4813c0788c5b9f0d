<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class SeriesFavourite extends Measure
{
    public const ID = 'series.favourite';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'best frame, chosen with a reason',
            meaning: 'a best frame with a reason',
            usual: new UsualDemand(Comparison::OneOf, ['given']),
            words: ['given' => 'given', 'none' => 'none'],
            needs: [Need::Series],
        );
    }

    public function read(Situation $situation): ?string
    {
        return match (true) {
            $situation->assignment->work === null => null,
            $situation->statement->hasFavourite => 'given',
            default => 'none',
        };
    }
}
