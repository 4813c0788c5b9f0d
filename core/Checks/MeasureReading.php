<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks;

use TruePupil\Core\Brief\CheckMeasure;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Plan\PlanComparison;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** What each measure of a check is in a situation, and what must be known for it. */
final class MeasureReading
{
    /** More stops than any time on a dial lies from any hand-held limit. */
    private const ALL_ROOM = 20.0;

    /** Null when it is not known. */
    public static function of(CheckMeasure $measure, Situation $situation): float|string|null
    {
        [$record, $measures] = [$situation->record, $situation->measures];

        return match ($measure) {
            CheckMeasure::Mode => $record->exposure->mode->value === 'unknown' ? null : $record->exposure->mode->value,
            CheckMeasure::Metering => $record->exposure->metering->value === 'unknown'
                ? null
                : $record->exposure->metering->value,
            CheckMeasure::Support => $record->support?->value,
            CheckMeasure::Flash => $record->exposure->flashFired === null
                ? null
                : ($record->exposure->flashFired
                    ? 'fired'
                    : 'off'),
            CheckMeasure::WhiteBalance => $record->handling->whiteBalance,
            CheckMeasure::Kelvin => $record->handling->kelvin === null ? null : (float) $record->handling->kelvin,
            CheckMeasure::FNumber => $record->exposure->fNumber?->nominal(),
            CheckMeasure::ExposureTime => $record->exposure->exposureTime?->exact,
            CheckMeasure::Iso => $record->exposure->iso?->nominal(),
            CheckMeasure::Compensation => $record->exposure->compensation,
            CheckMeasure::FocalLength35 => $record->lens->focalLength35,
            CheckMeasure::IsoSlack => $situation->isoSlack()?->value,
            CheckMeasure::ShakeRoom => self::shakeRoom($situation),
            CheckMeasure::MovementBandError => self::bandError($situation),
            CheckMeasure::StarRoom => $record->exposure->exposureTime === null || $situation->starLimit() === null
                ? null
                : Stops::ofRatio($situation->starLimit() / $record->exposure->exposureTime->exact)->value,
            CheckMeasure::MeanStops => $measures->tone->meanStops,
            CheckMeasure::UsedStops => $measures->tone->usedStops(),
            CheckMeasure::BrightEnd => $measures->tone->p99Stops,
            // What a preview shows as lost may be there in the raw file.
            CheckMeasure::LostHighlights => $measures->raw()?->frame->lostInTwoPct() ?? $measures->tone->lostInTwoPct(),
            CheckMeasure::BlockedShadows => $measures->tone->blockedShadowsPct,
            CheckMeasure::PlacementError => $situation->placementError()?->value,
            CheckMeasure::SubjectMean => $measures->subject?->placement()->value,
            CheckMeasure::SubjectLostHighlights => $measures->raw()?->subject?->lostInTwoPct()
                ?? $measures->subject?->tone->lostInTwoPct(),
            CheckMeasure::SubjectBlockedShadows => $measures->subject?->tone->blockedShadowsPct,
            CheckMeasure::SubjectShare => $measures->subject?->region->sharePct(),
            CheckMeasure::SubjectSharpness => $measures->focus?->subject?->sharpness,
            CheckMeasure::SubjectRatio => $measures->focus?->subject?->ratio,
            CheckMeasure::EyeSharpness => $measures->focus?->eye?->sharpness,
            CheckMeasure::EyeRatio => $measures->focus?->eye?->ratio,
            CheckMeasure::EyeLight => $measures->subject?->eyeLight?->stops,
            CheckMeasure::SubjectBurnt => $measures->subject?->burntPct,
            CheckMeasure::Tilt => $measures->composition?->lean->tiltDeg,
            CheckMeasure::Symmetry => $measures->composition?->symmetry->score,
            CheckMeasure::EdgeDistractions => $measures->composition === null
                ? null
                : (float) count($measures->composition->edges),
            CheckMeasure::Layers => (float) count($measures->marks->layers ?? []),
            CheckMeasure::LayerStep => $measures->marks?->layerStep(),
            CheckMeasure::OverSaturated => $measures->colour?->overSaturatedPct,
            CheckMeasure::RawHeadroom => $measures->raw()?->frame->headroom(),
            CheckMeasure::RawLost => $measures->raw()?->frame->lostPct(),
            CheckMeasure::RawSubjectLost => $measures->raw()?->subject?->lostPct(),
            CheckMeasure::FileFormat => $situation->file->format === null ||
            isset($measure->words()[$situation->file->format])
                ? $situation->file->format
                : 'raw',
            CheckMeasure::ColourSpace => $situation->file->colourSpace === null
                ? null
                : (str_contains($situation->file->colourSpace, 'sRGB')
                    ? 'sRGB'
                    : 'other'),
            CheckMeasure::FocusMode => $record->handling->focusMode?->value,
            CheckMeasure::SeriesFrames => self::frames($situation),
            CheckMeasure::SeriesMoving,
            CheckMeasure::SeriesExposureRange,
            CheckMeasure::SeriesApertureRange,
            CheckMeasure::SeriesTimeRange,
            CheckMeasure::SeriesIsoRange,
            CheckMeasure::SeriesStepError,
            CheckMeasure::SeriesGap,
            CheckMeasure::SeriesShift,
            CheckMeasure::SeriesCovered,
            CheckMeasure::SeriesLost,
            CheckMeasure::SceneChanges,
            CheckMeasure::DistanceRatio,
            CheckMeasure::HeightRange,
            CheckMeasure::SubjectRange,
            CheckMeasure::Lights,
            CheckMeasure::Facings,
            CheckMeasure::Twins,
            CheckMeasure::Minutes,
            CheckMeasure::OverlapShare,
            CheckMeasure::CastRange,
            CheckMeasure::Favourite,
            CheckMeasure::WouldHang,
            CheckMeasure::SeriesFocalRange => RowMeasureReading::of($measure, $situation),
            CheckMeasure::FilmIndex => $record->exposure->iso === null
                ? null
                : $situation->kit?->film?->beyondDevelopment($record->exposure->iso)->value,
            CheckMeasure::FilmSunRule => $record->settings() === null
                ? null
                : Ev100::BRIGHT_SUN - $record->settings()->ev100()->value,
            CheckMeasure::PlanGiven => $situation->statement->plan === null ? 'none' : 'given',
            CheckMeasure::PlanMinutes => $record->takenAt === null
                ? null
                : $situation->statement->plan?->outing?->minutesOff($record->takenAt),
            CheckMeasure::PlanSettings => $situation->statement->plan === null ? null : self::planMoved($situation),
            CheckMeasure::SunAltitude => $record->takenAt === null
                ? null
                : $situation->statement->plan?->outing?->sunAltitude($record->takenAt),
            CheckMeasure::LightFrom => $situation->lightFrom()?->value,
            CheckMeasure::Reason => trim((string) $situation->statement->reason) === '' ? 'none' : 'given',
            CheckMeasure::Idea => $situation->statement->intent->idea->value ?? 'none',
            CheckMeasure::Tone => $situation->statement->intent->tone->value ?? 'none',
        };
    }

    /** Frames can be counted whether or not their records tell anything. */
    private static function frames(Situation $situation): ?float
    {
        $count = $situation->assignment->rowFrames ?? $situation->assignment->series?->count();

        return $count === null ? null : (float) $count;
    }

    /** @return list<Need> what must be known for it, the most telling first */
    public static function needs(CheckMeasure $measure): array
    {
        return match ($measure) {
            CheckMeasure::Mode => [Need::Mode],
            CheckMeasure::Support => [Need::Support],
            CheckMeasure::ExposureTime => [Need::ExposureTime],
            CheckMeasure::Iso => [Need::Iso],
            CheckMeasure::FNumber => [Need::Settings],
            CheckMeasure::FocalLength35 => [Need::Format],
            CheckMeasure::PlacementError => [Need::Subject, Need::Placement],
            CheckMeasure::SubjectMean,
            CheckMeasure::SubjectLostHighlights,
            CheckMeasure::SubjectBlockedShadows,
            CheckMeasure::SubjectShare => [Need::Subject],
            CheckMeasure::SubjectSharpness, CheckMeasure::SubjectRatio => [Need::Subject, Need::FocusMap],
            CheckMeasure::EyeSharpness, CheckMeasure::EyeRatio => [Need::Eye, Need::FocusMap],
            CheckMeasure::EyeLight => [Need::Subject, Need::Eye],
            CheckMeasure::SubjectBurnt => [Need::Subject],
            CheckMeasure::RawHeadroom, CheckMeasure::RawLost => [Need::Raw],
            CheckMeasure::RawSubjectLost => [Need::Raw, Need::Subject],
            CheckMeasure::IsoSlack => [Need::Support, Need::Iso, Need::ExposureTime, Need::FocalLength, Need::Format],
            CheckMeasure::ShakeRoom => [Need::Support, Need::ExposureTime, Need::FocalLength, Need::Format],
            CheckMeasure::MovementBandError => [Need::Movement, Need::ExposureTime],
            CheckMeasure::StarRoom => [Need::Stars, Need::ExposureTime, Need::FocalLength, Need::Format],
            CheckMeasure::SeriesFrames,
            CheckMeasure::SeriesMoving,
            CheckMeasure::SeriesExposureRange,
            CheckMeasure::SeriesApertureRange,
            CheckMeasure::SeriesTimeRange,
            CheckMeasure::SeriesIsoRange,
            CheckMeasure::SeriesStepError,
            CheckMeasure::SeriesGap,
            CheckMeasure::SeriesShift,
            CheckMeasure::SeriesCovered,
            CheckMeasure::SeriesLost,
            CheckMeasure::SceneChanges,
            CheckMeasure::Twins,
            CheckMeasure::Favourite,
            CheckMeasure::WouldHang,
            CheckMeasure::OverlapShare,
            CheckMeasure::CastRange,
            CheckMeasure::SeriesFocalRange => [Need::Series],
            CheckMeasure::DistanceRatio => [Need::Subject, Need::Format],
            CheckMeasure::HeightRange => [Need::Horizon],
            CheckMeasure::SubjectRange => [Need::Subject],
            CheckMeasure::Lights => [Need::LightFrom],
            CheckMeasure::Facings => [Need::Facing],
            CheckMeasure::Minutes => [Need::TakenAt],
            CheckMeasure::FilmIndex => [Need::Film, Need::Iso],
            CheckMeasure::FilmSunRule => [Need::Settings],
            CheckMeasure::PlanSettings => [Need::Plan],
            CheckMeasure::PlanMinutes, CheckMeasure::SunAltitude => [Need::TakenAtPlace, Need::TakenAt],
            CheckMeasure::LightFrom => [Need::LightFrom],
            CheckMeasure::Tilt, CheckMeasure::Symmetry, CheckMeasure::EdgeDistractions => [Need::Composition],
            CheckMeasure::LayerStep => [Need::Layers],
            CheckMeasure::OverSaturated => [Need::Colour],
            CheckMeasure::Metering,
            CheckMeasure::Flash,
            CheckMeasure::WhiteBalance,
            CheckMeasure::Kelvin,
            CheckMeasure::Compensation,
            CheckMeasure::FileFormat,
            CheckMeasure::ColourSpace,
            CheckMeasure::FocusMode,
            CheckMeasure::PlanGiven,
            CheckMeasure::MeanStops,
            CheckMeasure::UsedStops,
            CheckMeasure::BrightEnd,
            CheckMeasure::LostHighlights,
            CheckMeasure::BlockedShadows,
            CheckMeasure::Reason,
            CheckMeasure::Idea,
            CheckMeasure::Layers,
            CheckMeasure::Tone => [],
        };
    }

    /** On a tripod hands set no limit, and there is all the room that anybody could ask for. */
    private static function shakeRoom(Situation $situation): ?float
    {
        $time = $situation->record->exposure->exposureTime?->exact;

        return match (true) {
            $time === null => null,
            $situation->record->support === Support::Tripod => self::ALL_ROOM,
            default => $situation->handHeldLimit()?->roomFor($time)->value,
        };
    }

    private static function planMoved(Situation $situation): ?float
    {
        $comparison = PlanComparison::of($situation->statement->plan, $situation->record);

        return $comparison === null ? null : (float) count($comparison->moved());
    }

    /**
     * Stops that the time lies outside the band of the look that was wanted: too short is negative, too long positive.
     */
    private static function bandError(Situation $situation): ?float
    {
        [$band, $time] = [$situation->movementBand(), $situation->record->exposure->exposureTime?->exact];

        return match (true) {
            $band === null || $time === null => null,
            $band->longest !== null && $time > $band->longest => log($time / $band->longest, 2),
            $band->shortest !== null && $band->shortest > 0 && $time < $band->shortest => log(
                $time / $band->shortest,
                2,
            ),
            default => 0.0,
        };
    }
}
