<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Approach\Focusing;
use TruePupil\Core\Checks\Measures\RecordFocusMode;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Thresholds;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Kit\FocusMode;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Situation\Situation;

/** Another focus mode on something that stays in place than the course teaches for it. */
#[Declared('focus.mode-unsuited', Topic::Focus, contradictedBy: [RecordFocusMode::class])]
final class FocusModeUnsuited extends FindingRule
{
    public function needs(): array
    {
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        $mode = $situation->record->handling->focusMode;
        $support = $situation->record->support;
        // What moves and what shines at night have rules of their own.
        if (
            $mode === null ||
            $support === null ||
            // What was hit was not unsuited.
            ($situation->measures->focus->subject->sharpness ?? 0.0) >= Thresholds::SHARP ||
            $situation->statement->intent->movement !== null ||
            $situation->statement->intent->contents->stars
        ) {
            return null;
        }
        $isByHand = $mode === FocusMode::Manual;
        $onTripod = $support === Support::Tripod;
        [$sentence, $other] = match (true) {
            $situation->approach->picture->focusing === Focusing::ByHand && ! $isByHand && $onTripod => [
                'The camera stood on a tripod and was left to focus by itself. With the picture magnified, focus by '.
                'hand lands on the very spot, and stays there from frame to frame.',
                'Others trust a single automatic point, which is quicker.',
            ],
            $situation->approach->picture->focusing !== Focusing::ByHand && $isByHand && ! $onTripod => [
                $situation->approach->picture->focusing === Focusing::Detection
                    ? 'Focus was set by hand, hand-held. Subject detection would have kept to the subject while you '.
                        'swayed.'
                    : 'Focus was set by hand, hand-held, where swaying by a hand\'s width moves it. A single '.
                        'automatic point on the subject, just before the press, holds better.',
                'Others focus by hand with magnification and are sure of the spot.',
            ],
            default => [null, null],
        };

        return $sentence === null
            ? null
            : new Finding(
                id: $this->id(),
                topic: $this->topic(),
                severity: Severity::Choice,
                sentence: $sentence,
                evidence: [
                    new Evidence(
                        'focus mode',
                        ['single' => 'single', 'continuous' => 'continuous', 'manual' => 'by hand'][$mode->value],
                        '',
                        $isByHand ? 'automatic' : 'by hand',
                    ),
                ],
                source: 'The record, and how this course focuses.',
                otherView: $other,
            );
    }
}
