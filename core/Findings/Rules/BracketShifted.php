<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Checks\Measures\SeriesShiftPct;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Series\Alignment;
use TruePupil\Core\Series\SeriesKind;
use TruePupil\Core\Situation\Situation;

/** A bracket whose frames do not lie on each other. */
#[Declared('series.bracket-shifted', Topic::Series, contradictedBy: [SeriesShiftPct::class])]
final class BracketShifted extends FindingRule
{
    /** % of the width. */
    private const SHIFTED = 1.2;

    public function needs(): array
    {
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        $worst =
            $situation->assignment->series?->kind() === SeriesKind::Bracket
                ? Alignment::largest($situation->assignment->rowPictures)
                : null;
        if ($worst === null || $worst->distance() <= self::SHIFTED) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Weakness,
            sentence: sprintf(
                'The frames of this bracket are shifted against each other by up to %.1f %% of the width. Software '.
                    'can line them up at the cost of the edges; a tripod, or the camera pressed to something, keeps '.
                    'them.',
                $worst->distance(),
            ),
            evidence: [
                new Evidence(
                    'largest shift',
                    $worst->distance(),
                    '%',
                    self::SHIFTED,
                    self::SHIFTED - $worst->distance(),
                ),
            ],
            source: 'The shift at which two frames correlate best, on thumbnails.',
            confidence: $worst->likeness,
        );
    }
}
