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
use TruePupil\Core\Intent\Idea;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** A frame within the frame, as it was declared or marked. */
#[Declared('composition.frame-within', Topic::Composition)]
final class FrameWithin extends FindingRule
{
    public function needs(): array
    {
        return [Need::Subject];
    }

    public function judge(Situation $situation): ?Finding
    {
        $surround = $situation->measures->claims->marks?->surround;
        if ($surround === null) {
            return $situation->statement->intent->idea !== Idea::Surround
                ? null
                : new Finding(
                    id: $this->id(),
                    topic: $this->topic(),
                    severity: Severity::Choice,
                    sentence: 'You wanted a frame within the frame. Mark what frames the subject, so that it can be '.
                        'told whether it does.',
                    evidence: [],
                    source: 'A declared idea without a mark.',
                );
        }
        $kept = $surround['holdsPct'] >= Thresholds::SURROUNDED;

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: $kept ? Severity::Praise : Severity::Weakness,
            sentence: $kept
                ? sprintf(
                    'The subject stands whole in a frame of its own, which takes %.0f %% of the picture.',
                    $surround['sharePct'],
                )
                : sprintf(
                    'The frame that you marked holds %.0f %% of the subject: it cuts it instead of framing it. Move '.
                        'until there is room all round.',
                    $surround['holdsPct'],
                ),
            evidence: [
                new Evidence(
                    'subject within it',
                    $surround['holdsPct'],
                    '%',
                    Thresholds::SURROUNDED,
                    $surround['holdsPct'] - Thresholds::SURROUNDED,
                ),
                new Evidence('its share of the picture', $surround['sharePct'], '%'),
            ],
            source: 'The marks of the subject and of what frames it.',
        );
    }
}
