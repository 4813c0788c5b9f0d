<?php

declare(strict_types=1);

namespace TruePupil\Core\Brief;

use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Findings\Situation;
use TruePupil\Core\Series\Alignment;
use TruePupil\Core\Series\CoveredRange;
use TruePupil\Core\Series\Series;

/** What checks can ask of a row of frames. */
final class RowMeasures
{
    /** Null where the row, or what the measure needs of it, is not known. */
    public static function of(Measure $measure, Situation $situation): float|string|null
    {
        $series = $situation->series;
        if ($series === null) {
            return null;
        }

        return match ($measure) {
            Measure::SeriesMoving => self::moving($series),
            Measure::SeriesExposureRange => $series->range($series->exposures()),
            Measure::SeriesApertureRange => $series->range($series->values('aperture')),
            Measure::SeriesTimeRange => $series->range($series->values('time')),
            Measure::SeriesIsoRange => $series->range($series->values('iso')),
            Measure::SeriesStepError => $series->range($series->steps()),
            Measure::SeriesGap => $series->longestGap(),
            Measure::SeriesShift => Alignment::largest($situation->rowPictures)?->distance(),
            Measure::SeriesCovered => self::covered($situation)?->stops,
            Measure::SeriesLost => self::covered($situation)?->lostPct,
            Measure::SeriesFocalRange => self::focalRange($series),
            default => null,
        };
    }

    private static function moving(Series $series): string
    {
        $moving = $series->moving();

        return match (count($moving)) {
            0 => 'none',
            1 => $moving[0],
            default => 'several',
        };
    }

    private static function covered(Situation $situation): ?CoveredRange
    {
        $series = $situation->series;

        return $series === null || count($situation->rowTones) !== $series->count()
            ? null
            : CoveredRange::of($series->exposures(), $situation->rowTones);
    }

    private static function focalRange(Series $series): ?float
    {
        $lengths = array_filter(array_map(fn (CaptureRecord $frame): ?float => $frame->focalLength35, $series->frames));

        return $lengths === [] || count($lengths) < $series->count() ? null : max($lengths) - min($lengths);
    }
}
