<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class FocusEyeRatio extends Measure
{
    public const ID = 'focus.eyeRatio';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'sharpness of the eye against what lies round it',
            meaning: 'over what lies round it, 0–1',
            usual: new UsualDemand(Comparison::AtLeast, 0.85, 0.1),
            sides: ['too soft', 'too crisp'],
            needs: [Need::Eye, Need::FocusMap],
        );
    }

    public function told(float $value): string
    {
        return sprintf('%.0f %% of it', 100 * $value);
    }

    public function read(Situation $situation): ?float
    {
        return $situation->measures->focus?->eye?->ratio;
    }
}
