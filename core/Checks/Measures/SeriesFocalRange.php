<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class SeriesFocalRange extends Measure
{
    public const ID = 'series.focalRange';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'focal length across the row, as on 36 × 24 mm',
            meaning: 'between the shortest and the longest focal length, as on 36 × 24 mm',
            unit: 'mm',
            usual: new UsualDemand(Comparison::AtMost, 3.0, 6.0),
            needs: [Need::Series],
        );
    }

    public function read(Situation $situation): ?float
    {
        $frames = $situation->assignment->series->frames ?? [];
        $lengths = array_filter(
            array_map(fn (CaptureRecord $frame): ?float => $frame->lens->focalLength35, $frames),
        );

        return $lengths === [] || count($lengths) < count($frames) ? null : max($lengths) - min($lengths);
    }
}
