<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Checks\Measures\SeriesLongestGap;
use TruePupil\Core\Exposure\Duration;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Kit\DriveMode;
use TruePupil\Core\Series\SeriesKind;
use TruePupil\Core\Situation\Situation;

/** A bracket taken frame by frame, with time for the light and the camera to move. */
#[Declared('series.bracket-slow', Topic::Series, contradictedBy: [SeriesLongestGap::class])]
final class BracketSlow extends FindingRule
{
    private const SECONDS = 3;

    /** A day, s: nobody waits so long between two frames of one bracket. */
    private const NO_WAITING = 86_400;

    public function needs(): array
    {
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        $series = $situation->assignment->series;
        $gap = $series?->longestGap();
        if ($series?->kind() !== SeriesKind::Bracket || $gap === null || $gap <= self::SECONDS) {
            return null;
        }
        $isClock = $gap >= self::NO_WAITING;
        $isSingle = $situation->record->handling->drive === DriveMode::Single;

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: $isClock ? Severity::Choice : Severity::Weakness,
            sentence: $isClock
                ? sprintf(
                    'By their clocks %s lie between two frames of this bracket, which is no waiting time. Is the '.
                        'clock of the camera set, and do the frames belong together?',
                    Duration::text($gap),
                )
                : sprintf(
                    '%s went by between two frames of this bracket%s: clouds, people and the camera move meanwhile. '.
                        'Set the drive to bracket or continuous, and take the row with one press or a release.',
                    Duration::text($gap),
                    $isSingle ? ', in single drive' : '',
                ),
            evidence: [
                new Evidence('longest gap', $gap, 's', (float) self::SECONDS, self::SECONDS - $gap),
                ...$isSingle ? [new Evidence('drive', 'single', '', 'bracket')] : [],
            ],
            source: 'Recorded times, less the exposure itself.',
        );
    }
}
