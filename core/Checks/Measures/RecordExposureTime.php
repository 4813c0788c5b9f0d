<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class RecordExposureTime extends Measure
{
    public const ID = 'record.exposureTime';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'exposure time',
            meaning: 'as recorded',
            unit: 's',
            usual: new UsualDemand(Comparison::AtMost, 1 / 125, 1 / 125),
            sides: ['too short', 'too long'],
            needs: [Need::ExposureTime],
        );
    }

    public function stopsInADoubling(): float
    {
        return 1.0;
    }

    public function engraved(float $limit): ?string
    {
        return $limit > 0 ? (string) ExposureTime::of($limit) : null;
    }

    /** Of a time within what dials and bulb have. */
    public function exact(float $limit): float
    {
        return $limit > 1e-6 && $limit <= 3600.0 ? ExposureTime::of($limit)->exact : $limit;
    }

    public function orWord(Comparison $comparison): string
    {
        return $comparison === Comparison::AtLeast ? 'or longer' : 'or shorter';
    }

    public function read(Situation $situation): ?float
    {
        return $situation->record->exposure->exposureTime?->exact;
    }
}
