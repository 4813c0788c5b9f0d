<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** Compensation in the right direction that put the subject where it belongs: worth saying. */
#[Declared('exposure.compensation-well-used', Topic::Exposure)]
final class CompensationWellUsed extends FindingRule
{
    private const AT_LEAST = 1 / 3;

    public function needs(): array
    {
        return [Need::Subject, Need::Placement, Need::Mode];
    }

    public function judge(Situation $situation): ?Finding
    {
        $error = $situation->placementError();
        $told = $situation->record->exposure->compensation;
        $wanted = $situation->assignment->wanted;
        if (
            $error === null ||
            $told === null ||
            $wanted === null ||
            ! $situation->record->exposure->mode->takesCompensation()
        ) {
            return null;
        }
        $rightWay = $told * $wanted->stops->value > 0 && abs($told) >= self::AT_LEAST - 0.01;
        if (! $rightWay || ! $error->isWithin(Stops::of(1 / 3))) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Praise,
            sentence: sprintf(
                'You overruled the meter with %s of compensation in %s, and the %s sits where it belongs.',
                Stops::of($told)->signed(),
                $situation->record->exposure->mode->label(),
                $wanted->label,
            ),
            evidence: [
                new Evidence('compensation', $told, 'stops'),
                new Evidence('subject from its place', $error->value, 'stops', 1 / 3, 1 / 3 - abs($error->value)),
            ],
            source: 'The record\'s compensation and the measured placement.',
        );
    }
}
