<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Situation;

final readonly class ToneLostHighlightsPct extends Measure
{
    public const ID = 'tone.lostHighlightsPct';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'lost highlights in the frame',
            meaning: 'of the frame, all three channels at 254 or 255; of a raw file whose values can be '
                .'read, two channels of the sensor at their end',
            unit: '%',
            usual: new UsualDemand(Comparison::AtMost, 3.0, 3.0),
        );
    }

    public function read(Situation $situation): float
    {
        // What a preview shows as lost may be there in the raw file.
        return $situation->measures->raw()?->frame->lostInTwoPct()
            ?? $situation->measures->tone->lostInTwoPct();
    }

    public function isOfRaw(Situation $situation): bool
    {
        return $situation->measures->raw() !== null;
    }
}
