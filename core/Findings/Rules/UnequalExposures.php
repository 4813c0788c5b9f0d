<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Checks\Measures\SeriesExposureRange;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Series\Series;
use TruePupil\Core\Series\SeriesKind;
use TruePupil\Core\Situation\Situation;

/** A series of equal exposures that are not equal. */
#[Declared('series.unequal-exposures', Topic::Series, contradictedBy: [SeriesExposureRange::class])]
final class UnequalExposures extends FindingRule
{
    public function needs(): array
    {
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        $series = $situation->assignment->series;
        if ($series?->kind() !== SeriesKind::EqualExposures) {
            return null;
        }
        $range = Stops::of($series->rangeOf('exposure'));
        $isEqual = $range->value <= Series::ONE_CLICK;

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: $isEqual ? Severity::Praise : Severity::Fault,
            sentence: $isEqual
                ? sprintf(
                    '%d frames with the same exposure to within a third of a stop, by different settings: you have '.
                        'the trade in hand.',
                    $series->count(),
                )
                : sprintf(
                    'These frames were to have the same exposure, and they differ by %s. What one value gives, '.
                        'another has to take: count the clicks.',
                    $range->inWords(),
                ),
            evidence: [
                new Evidence(
                    'exposures differ by',
                    $range->value,
                    'stops',
                    Series::ONE_CLICK,
                    Series::ONE_CLICK - $range->value,
                ),
            ],
            source: 'The total of a series of equal exposures stays within a third of a stop.',
        );
    }
}
