<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class SeriesLenses extends Measure
{
    public const ID = 'series.lenses';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'lenses of the row',
            meaning: 'how many lenses the frames of a row were taken with, by the names that were recorded',
            usual: new UsualDemand(Comparison::AtMost, 1.0),
            needs: [Need::Series],
        );
    }

    /** Null where a frame does not name its lens. */
    public function read(Situation $situation): ?float
    {
        $frames = $situation->assignment->series->frames ?? [];
        $names = array_filter(array_map(fn (CaptureRecord $frame): ?string => $frame->lens->name, $frames));

        return $names === [] || count($names) < count($frames) ? null : (float) count(array_unique($names));
    }
}
