<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Capture\RecordedProcessing;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** A row of long exposures with a dark frame after each: half of the time the camera looks at nothing. */
#[Declared('series.dark-frames', Topic::Series)]
final class DarkFramesInRow extends FindingRule
{
    /** Seconds of one exposure from which the wait is felt. */
    private const LONG = 4.0;

    private const FRAMES = 3;

    public function needs(): array
    {
        return [Need::ExposureTime];
    }

    public function judge(Situation $situation): ?Finding
    {
        $time = $situation->record->exposure->exposureTime;
        $frames = $situation->assignment->series->frames ?? [];
        $words = $situation->record->handling->processing->longExposureNoise;
        // "Auto" leaves open whether a dark frame was taken.
        $isOn = RecordedProcessing::isOff($words) === false && preg_match('/^(on|yes|enable)/i', $words ?? '') === 1;
        if ($time === null || $time->exact < self::LONG || count($frames) < self::FRAMES || ! $isOn) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Weakness,
            sentence: sprintf(
                'Noise reduction for long exposures was on: after each %s the camera takes a dark frame as long. In a '.
                    'row that leaves gaps in every trail and doubles the wait. Switch it off for rows, and take one '.
                    'dark frame with the cap on at the end.',
                $time,
            ),
            evidence: [
                new Evidence('exposure time', $time->exact, 's', self::LONG, self::LONG - $time->exact),
                new Evidence('frames of the row', count($frames), '', self::FRAMES),
            ],
            source: 'A dark frame takes as long as the exposure that it is taken from.',
        );
    }
}
