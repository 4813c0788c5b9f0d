<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class SeriesMoving extends Measure
{
    public const ID = 'series.moving';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'what moves in the row',
            meaning: 'which value differs between the frames',
            usual: new UsualDemand(Comparison::OneOf, ['aperture']),
            words: [
                'aperture' => 'only the aperture',
                'time' => 'only the exposure time',
                'iso' => 'only ISO',
                'several' => 'several values',
                'none' => 'nothing',
            ],
            needs: [Need::Series],
        );
    }

    public function read(Situation $situation): ?string
    {
        $moving = $situation->assignment->series?->moving();

        return match (true) {
            $moving === null => null,
            count($moving) > 1 => 'several',
            default => $moving[0] ?? 'none',
        };
    }
}
