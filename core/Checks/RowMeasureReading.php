<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks;

use TruePupil\Core\Brief\CheckMeasure;
use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Series\Alignment;
use TruePupil\Core\Series\CoveredRange;
use TruePupil\Core\Series\Series;
use TruePupil\Core\Situation\Situation;

/** What checks can ask of a row of frames. */
final class RowMeasureReading
{
    /** Null where the row, or what the measure needs of it, is not known. */
    public static function of(CheckMeasure $measure, Situation $situation): float|string|null
    {
        $series = $situation->assignment->series;
        if ($series === null) {
            // What frames and marks tell needs no settings.
            return self::work($measure, $situation);
        }

        return match ($measure) {
            CheckMeasure::SeriesMoving => self::moving($series),
            CheckMeasure::SeriesExposureRange => $series->range($series->exposures()),
            CheckMeasure::SeriesApertureRange => $series->range($series->values('aperture')),
            CheckMeasure::SeriesTimeRange => $series->range($series->values('time')),
            CheckMeasure::SeriesIsoRange => $series->range($series->values('iso')),
            CheckMeasure::SeriesStepError => $series->range($series->steps()),
            CheckMeasure::SeriesGap => $series->longestGap(),
            CheckMeasure::SeriesShift => Alignment::largest($situation->assignment->rowPictures)?->distance(),
            CheckMeasure::SeriesCovered => self::covered($situation)?->stops,
            CheckMeasure::SeriesLost => self::covered($situation)?->lostPct,
            CheckMeasure::SeriesFocalRange => self::focalRange($series),
            default => self::work($measure, $situation),
        };
    }

    private static function work(CheckMeasure $measure, Situation $situation): float|string|null
    {
        $work = $situation->assignment->work;
        $count = fn (?int $value): ?float => $value === null ? null : (float) $value;
        if ($work === null) {
            return null;
        }

        return match ($measure) {
            CheckMeasure::SceneChanges => (float) count($work->changes()),
            CheckMeasure::DistanceRatio => $work->distanceRatio(),
            CheckMeasure::HeightRange => $work->heightRange(),
            CheckMeasure::SubjectRange => $work->subjectRange(),
            CheckMeasure::Lights => $count($work->lights()),
            CheckMeasure::Facings => $count($work->facings()),
            CheckMeasure::Twins => (float) count($work->twins()),
            CheckMeasure::OverlapShare => $work->leastOverlap(),
            CheckMeasure::CastRange => $work->warmRange(),
            CheckMeasure::Minutes => $work->seconds() === null ? null : $work->seconds() / 60,
            CheckMeasure::Favourite => $situation->statement->hasFavourite ? 'given' : 'none',
            CheckMeasure::WouldHang => match ($situation->statement->wouldHang) {
                true => 'yes',
                false => 'no',
                null => 'none',
            },
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
        $series = $situation->assignment->series;

        return $series === null || count($situation->assignment->rowTones) !== $series->count()
            ? null
            : CoveredRange::of($series->exposures(), $situation->assignment->rowTones);
    }

    private static function focalRange(Series $series): ?float
    {
        $lengths = array_filter(
            array_map(fn (CaptureRecord $frame): ?float => $frame->lens->focalLength35, $series->frames),
        );

        return $lengths === [] || count($lengths) < $series->count() ? null : max($lengths) - min($lengths);
    }
}
