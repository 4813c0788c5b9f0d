<?php

declare(strict_types=1);

namespace TruePupil\Core\Critique;

use TruePupil\Core\Brief\CheckMeasure;
use TruePupil\Core\Checks\CheckResult;
use TruePupil\Core\Checks\Verdict;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Severity;

/**
 * A finding never faults what a check of the same brief met: the brief was read first, and what it asked for is right
 * here, whatever the rule thinks elsewhere. And where the cause of a fault is found, the fault is not told beside it.
 */
final class Agreement
{
    /** What is told with its cause, by the rule that knows the cause. */
    private const CAUSES = [
        'exposure.left-over' => ['exposure.far-off', 'exposure.subject-placed'],
        'exposure.compensation-left-on' => ['exposure.subject-placed'],
        'exposure.meter-fooled' => ['exposure.subject-placed'],
        'exposure.at-limit' => ['exposure.subject-placed'],
        'composition.tilted' => ['composition.converging-verticals', 'composition.line-at-edge'],
        'composition.converging-verticals' => ['composition.line-at-edge'],
    ];

    /**
     * @param  list<Finding>  $findings
     * @param  list<CheckResult>  $checks
     * @return list<Finding>
     */
    public static function of(array $findings, array $checks): array
    {
        $met = [];
        foreach ($checks as $result) {
            if ($result->verdict === Verdict::Met) {
                array_push($met, ...self::rules($result->check->measure));
            }
        }

        foreach (self::CAUSES as $cause => $told) {
            if (in_array($cause, array_map(fn (Finding $finding): string => $finding->id, $findings), true)) {
                array_push($met, ...$told);
            }
        }

        return array_values(
            array_filter(
                $findings,
                fn (Finding $finding): bool => $finding->severity === Severity::Praise ||
                    ! in_array($finding->id, $met, true),
            ),
        );
    }

    /** @return list<string> ids of the rules that speak of what a measure measures */
    private static function rules(CheckMeasure $measure): array
    {
        return match ($measure) {
            CheckMeasure::Mode => [
                'mode.against-brief',
                'mode.decision-left-to-camera',
                'mode.automatic-iso-hides-meter',
            ],
            CheckMeasure::Metering => ['mode.metering-unsuited'],
            CheckMeasure::FocusMode => ['focus.mode-unsuited', 'focus.single-on-movement'],
            CheckMeasure::WhiteBalance => ['colour.white-balance-automatic'],
            CheckMeasure::FileFormat => ['file.jpeg-only'],
            CheckMeasure::ColourSpace => ['file.colour-space'],
            CheckMeasure::IsoSlack => ['noise.iso-slack', 'noise.tripod-high-iso'],
            CheckMeasure::ShakeRoom => ['movement.hand-held-too-long', 'movement.camera-chose-too-slow'],
            CheckMeasure::MovementBandError => [
                'movement.subject-blurred',
                'movement.too-short-to-show',
                'movement.silk-missed',
                'movement.pan-time',
            ],
            CheckMeasure::StarRoom => ['movement.stars-trail'],
            CheckMeasure::PlacementError => [
                'exposure.subject-placed',
                'exposure.meter-fooled',
                'exposure.left-over',
                'exposure.compensation-left-on',
                'exposure.far-off',
            ],
            CheckMeasure::SubjectLostHighlights => ['tone.lost-highlights-subject'],
            CheckMeasure::RawLost, CheckMeasure::RawSubjectLost => ['raw.channel-lost'],
            CheckMeasure::RawHeadroom => ['exposure.headroom-unused', 'raw.holds-more'],
            CheckMeasure::SubjectBlockedShadows => ['tone.blocked-shadows-subject'],
            CheckMeasure::LostHighlights => ['tone.lost-highlights-elsewhere'],
            CheckMeasure::UsedStops => ['tone.flat-light'],
            CheckMeasure::SubjectShare => ['composition.subject-size'],
            CheckMeasure::SubjectSharpness, CheckMeasure::SubjectRatio => ['focus.on-subject'],
            CheckMeasure::EyeSharpness, CheckMeasure::EyeRatio => ['focus.eye'],
            CheckMeasure::EyeLight => ['tone.eyes-in-shadow'],
            CheckMeasure::SubjectBurnt => ['tone.lost-highlights-subject'],
            CheckMeasure::Tilt => ['composition.tilted'],
            CheckMeasure::Symmetry => ['composition.almost-centred', 'composition.axis'],
            CheckMeasure::EdgeDistractions => ['composition.edge-pull'],
            CheckMeasure::OverSaturated => ['colour.over-saturated'],
            CheckMeasure::SeriesMoving => ['series.bracket-values-moved', 'series.two-values-moved'],
            CheckMeasure::SeriesStepError => ['series.bracket-steps'],
            CheckMeasure::SeriesGap => ['series.bracket-slow'],
            CheckMeasure::SeriesShift => ['series.bracket-shifted'],
            CheckMeasure::SeriesExposureRange => ['series.unequal-exposures'],
            CheckMeasure::SeriesCovered, CheckMeasure::SeriesLost => ['series.bracket-too-short'],
            CheckMeasure::FilmIndex => ['film.exposure-index'],
            CheckMeasure::PlanSettings => ['plan.not-followed'],
            CheckMeasure::Reason => ['composition.no-reason'],
            CheckMeasure::Idea => ['composition.idea'],
            default => [],
        };
    }
}
