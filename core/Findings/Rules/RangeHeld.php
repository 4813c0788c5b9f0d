<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Thresholds;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Series\CoveredRange;
use TruePupil\Core\Series\SeriesKind;
use TruePupil\Core\Situation\Situation;

/** What the frames of a bracket hold together, as their pixels show it, and which frame is missing. */
#[Declared('series.range-held', Topic::Series)]
final class RangeHeld extends FindingRule
{
    public function needs(): array
    {
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        $series = $situation->assignment->series;
        if ($series?->kind() !== SeriesKind::Bracket || count($situation->assignment->rowTones) !== $series->count()) {
            return null;
        }
        $held = CoveredRange::of($series->exposures(), $situation->assignment->rowTones);
        $missing = array_keys(
            array_filter([
                'darker' => $held->lostPct > Thresholds::END_OPEN,
                'brighter' => $held->blockedPct > Thresholds::END_OPEN,
            ]),
        );

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: $missing === [] ? Severity::Praise : Severity::Weakness,
            sentence: $missing === []
                ? sprintf(
                    'Together these frames hold the whole scene, %.1f stops from its darkest to its brightest tone, '.
                        'with nothing lost at either end.',
                    $held->stops,
                )
                : sprintf(
                    'Together these frames hold %.1f stops, and the scene goes on: a %s frame is missing.%s%s',
                    $held->stops,
                    implode(' and a ', $missing),
                    $held->lostPct > Thresholds::END_OPEN
                        ? sprintf(' Even in the darkest %.1f %% is lost.', $held->lostPct)
                        : '',
                    $held->blockedPct > Thresholds::END_OPEN
                        ? sprintf(' Even in the brightest %.1f %% is blocked.', $held->blockedPct)
                        : '',
                ),
            evidence: [
                new Evidence('range held', $held->stops, 'stops'),
                new Evidence(
                    'lost in the darkest frame',
                    $held->lostPct,
                    '%',
                    Thresholds::END_OPEN,
                    Thresholds::END_OPEN - $held->lostPct,
                ),
                new Evidence(
                    'blocked in the brightest frame',
                    $held->blockedPct,
                    '%',
                    Thresholds::END_OPEN,
                    Thresholds::END_OPEN - $held->blockedPct,
                ),
            ],
            source: 'Tones of all frames, moved by the exposure between them onto one scale.',
            confidence: 0.8,
        );
    }
}
