<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Checks\Measures\SubjectPlacementError;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** Exposure compensation that pulled the frame away from its place, as when it was set for an earlier scene. */
#[Declared(
    'exposure.compensation-left-on',
    Topic::Exposure,
    explains: [SubjectPlaced::class],
    contradictedBy: [SubjectPlacementError::class],
)]
final class CompensationLeftOn extends FindingRule
{
    /** Stops of compensation that count as on. */
    private const LEAST = 2 / 3;

    /** Stops within which the miss is the compensation. */
    private const AGREES = 0.5;

    public function needs(): array
    {
        return [Need::Mode, Need::Subject, Need::Placement];
    }

    public function judge(Situation $situation): ?Finding
    {
        $compensation = $situation->record->exposure->compensation;
        $error = $situation->placementError();
        if (
            $compensation === null ||
            $error === null ||
            ! $situation->record->exposure->mode->takesCompensation() ||
            abs($compensation) < self::LEAST
        ) {
            return null;
        }
        // Without it the subject would have sat where it belongs.
        if (abs($error->value - $compensation) > self::AGREES) {
            return null;
        }
        $last = $situation->frameBefore();
        $wasSet =
            $last !== null &&
            $last->exposure->compensation !== null &&
            abs($last->exposure->compensation - $compensation) < 0.1;
        $told = Stops::of($compensation)->signed();

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Fault,
            sentence: sprintf(
                'Compensation of %s was on%s, and the %s is that much too %s: without it, it would sit in its place. '.
                    'Set compensation back to 0 when a scene is done.',
                $told,
                $wasSet ? ', as in the frame before' : '',
                $situation->assignment->wanted->label ?? 'subject',
                $compensation > 0 ? 'bright' : 'dark',
            ),
            evidence: [
                new Evidence('exposure compensation', $compensation, 'stops', 0.0, -abs($compensation)),
                new Evidence(
                    'subject from its place',
                    $error->value,
                    'stops',
                    $compensation,
                    self::AGREES - abs($error->value - $compensation),
                ),
            ],
            source: 'The miss equals the compensation within half a stop.',
        );
    }
}
