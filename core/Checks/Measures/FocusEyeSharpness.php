<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Focus\Sharpness;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class FocusEyeSharpness extends Measure
{
    public const ID = 'focus.eyeSharpness';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'sharpness of the eye',
            meaning: 'of the marked eye, 0–1',
            usual: new UsualDemand(Comparison::AtLeast, 0.42, 0.05),
            sides: ['too soft', 'too crisp'],
            needs: [Need::Eye, Need::FocusMap],
        );
    }

    public function orWord(Comparison $comparison): string
    {
        return $comparison === Comparison::AtLeast ? 'or sharper' : 'or softer';
    }

    public function levels(): array
    {
        return Sharpness::LEVELS;
    }

    public function told(float $value): string
    {
        return Sharpness::told($value);
    }

    public function read(Situation $situation): ?float
    {
        return $situation->measures->focus?->eye?->sharpness;
    }
}
