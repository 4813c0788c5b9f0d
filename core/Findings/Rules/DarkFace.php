<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Thresholds;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** A face or eyes much darker than the picture round them. */
#[Declared('tone.dark-face', Topic::Tone)]
final class DarkFace extends FindingRule
{
    public function needs(): array
    {
        return [Need::Subject];
    }

    public function judge(Situation $situation): ?Finding
    {
        $subject = $situation->measures->subject;
        if (! $situation->statement->intent->contents->person || $subject === null) {
            return null;
        }
        $darker = $situation->measures->tone->meanStops - $subject->placement()->value;
        if ($darker < Thresholds::DARK_FACE) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Weakness,
            sentence: sprintf(
                'The person is %s darker than the picture round them. Turn them towards the light, expose for the '.
                    'face, or lift it with a pale surface; a flash only where it disturbs nobody.',
                Stops::of($darker)->inWords(),
            ),
            evidence: [
                new Evidence(
                    'person against the picture',
                    -$darker,
                    'stops',
                    -Thresholds::DARK_FACE,
                    Thresholds::DARK_FACE - $darker,
                ),
            ],
            source: 'Mean luminance of the mark against that of the whole picture.',
        );
    }
}
