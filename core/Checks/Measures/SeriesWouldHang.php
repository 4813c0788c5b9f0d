<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class SeriesWouldHang extends Measure
{
    public const ID = 'series.wouldHang';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'whether the best frame would be hung on a wall',
            meaning: 'whether the best frame would be hung on a wall',
            usual: new UsualDemand(Comparison::OneOf, ['yes', 'no']),
            words: ['yes' => 'yes', 'no' => 'no', 'none' => 'not said'],
            needs: [Need::Series],
        );
    }

    public function read(Situation $situation): ?string
    {
        return match (true) {
            $situation->assignment->work === null => null,
            $situation->statement->wouldHang === true => 'yes',
            $situation->statement->wouldHang === false => 'no',
            default => 'none',
        };
    }
}
