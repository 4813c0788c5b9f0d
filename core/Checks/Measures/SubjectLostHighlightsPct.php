<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class SubjectLostHighlightsPct extends Measure
{
    public const ID = 'subject.lostHighlightsPct';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'lost highlights in the subject',
            meaning: 'of the subject, counted as in the frame',
            unit: '%',
            usual: new UsualDemand(Comparison::AtMost, 1.0, 1.0),
            needs: [Need::Subject],
        );
    }

    public function read(Situation $situation): ?float
    {
        // What a preview shows as lost may be there in the raw file.
        return $situation->measures->raw()?->subject?->lostInTwoPct()
            ?? $situation->measures->subject?->own()->lostInTwoPct();
    }

    public function isOfRaw(Situation $situation): bool
    {
        return $situation->measures->raw() !== null;
    }
}
