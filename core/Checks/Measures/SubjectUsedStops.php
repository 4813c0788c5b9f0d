<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** How far light and shadow lie apart on it: a light from the side draws its shape, one from the front flattens it. */
final readonly class SubjectUsedStops extends Measure
{
    public const ID = 'subject.usedStops';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'range of tones on the subject',
            meaning: "between the subject's darkest and its brightest hundredth",
            unit: 'stops',
            usual: new UsualDemand(Comparison::AtLeast, 4.0, 0.5),
            needs: [Need::Subject],
        );
    }

    public function read(Situation $situation): ?float
    {
        return $situation->measures->subject?->tone->usedStops();
    }
}
