<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Focus\Sharpness;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class FocusSubjectSharpness extends Measure
{
    public const ID = 'focus.subjectSharpness';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'sharpness of the subject',
            meaning: '0–1; 0.52 and more is crisp, under 0.39 is called soft; the ready briefs ask for 0.42',
            usual: new UsualDemand(Comparison::AtLeast, 0.42, 0.05),
            sides: ['too soft', 'too crisp'],
            needs: [Need::Subject, Need::FocusMap],
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
        return $situation->measures->focus?->subject?->sharpness;
    }
}
