<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Approach\Start;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** An automatic or scene mode took every exposure decision. */
final class DecisionLeftToCamera implements FindingRule
{
    public function id(): string
    {
        return 'mode.decision-left-to-camera';
    }

    public function needs(): array
    {
        return [Need::Mode];
    }

    public function judge(Situation $situation): ?Finding
    {
        $mode = $situation->record->exposure->mode;
        if ($mode !== ExposureMode::Auto && $mode !== ExposureMode::Scene) {
            return null;
        }
        $automaticFirst = $situation->approach->start === Start::AutomaticFirst;

        return new Finding(
            id: $this->id(),
            topic: Topic::Mode,
            severity: $automaticFirst ? Severity::Choice : Severity::Fault,
            sentence: sprintf(
                'The camera decided everything (%s), and it takes no exposure compensation, so nothing could tell it '.
                    'that the subject is not grey. %s',
                $mode->label(),
                match ($situation->approach->start) {
                    Start::Manual => 'Set aperture, time and ISO yourself.',
                    default => 'Use aperture priority with compensation.',
                },
            ),
            evidence: [new Evidence('exposure mode', $mode->value, '', 'program, aperture, shutter or manual')],
            source: 'Who decides aperture, time, ISO and compensation in each mode.',
            otherView: $automaticFirst
                ? 'This course starts from automatic; courses that start in manual would not take this frame.'
                : 'Some courses start from automatic and take over one value at a time.',
        );
    }
}
