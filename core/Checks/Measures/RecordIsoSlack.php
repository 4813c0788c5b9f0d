<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class RecordIsoSlack extends Measure
{
    public const ID = 'record.isoSlack';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'ISO above what the light needed',
            meaning: 'how far ISO could have come down before movement blurs, base ISO is reached or '
                .'hands are within a stop of shaking',
            unit: 'stops',
            usual: new UsualDemand(Comparison::AtMost, 1.0, 2 / 3),
            isAboutZero: true,
            needs: [Need::Support, Need::Iso, Need::ExposureTime, Need::FocalLength, Need::Format],
        );
    }

    public function read(Situation $situation): ?float
    {
        return $situation->isoSlack()?->value;
    }
}
