<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Brief\DecisionAsked;
use TruePupil\Core\Checks\Measures\RecordMode;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** A mode that takes away a decision which the brief wants the student to take. */
#[Declared('mode.against-brief', Topic::Mode, contradictedBy: [RecordMode::class])]
final class ModeAgainstBrief extends FindingRule
{
    public function needs(): array
    {
        return [Need::Mode];
    }

    public function judge(Situation $situation): ?Finding
    {
        [$mode, $isAutomatic] = [$situation->record->exposure->mode, $situation->record->exposure->isoAutomatic];
        $taken = array_values(
            array_filter(
                $situation->assignment->brief->decisions ?? [],
                fn (DecisionAsked $asked): bool => ! $asked->isLeftTo($mode, $isAutomatic),
            ),
        );
        if ($taken === [] || $mode === ExposureMode::Auto || $mode === ExposureMode::Scene) {
            return null;
        }
        $names = implode(' and ', array_map(fn (DecisionAsked $asked): string => $asked->label(), $taken));
        $isByApp = $situation->isByApp();

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            // Nobody can put right what a phone cannot do.
            severity: $isByApp ? Severity::Choice : Severity::Fault,
            sentence: match (true) {
                ! $isByApp => sprintf(
                    'This brief wants you to decide %s, and in %s the camera decides that.',
                    $names,
                    $mode->label(),
                ),
                default => sprintf(
                    'This brief wants you to decide %s; with a phone its app does. %s',
                    $names,
                    $situation->assignment->brief?->words->phone === null
                        ? 'Ask what to do instead, or use an app that sets it.'
                        : 'The brief says what to do with a phone.',
                ),
            },
            evidence: [new Evidence('exposure mode', $mode->value, '', $names)],
            source: 'Who decides what in each mode.',
        );
    }
}
