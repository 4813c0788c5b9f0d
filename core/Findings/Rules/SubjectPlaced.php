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
use TruePupil\Core\Retake\PlacementAdviser;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** Under- or overexposure against where the brief wants the subject, in stops; praise when it sits there. */
#[Declared('exposure.subject-placed', Topic::Exposure, contradictedBy: [SubjectPlacementError::class])]
final class SubjectPlaced extends FindingRule
{
    /** A third of a stop: the finest step of most dials. */
    private const LIMIT = 1 / 3;

    /** From here on a viewer sees it at once. */
    private const FAULT = 2 / 3;

    public function needs(): array
    {
        return [Need::Subject, Need::Placement];
    }

    public function judge(Situation $situation): ?Finding
    {
        $error = $situation->placementError();
        $wanted = $situation->assignment->wanted;
        $subject = $situation->measures->subject;
        if ($error === null || $wanted === null || $subject === null) {
            return null;
        }
        $placed = $error->isWithin(Stops::of(self::LIMIT));

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: match (true) {
                $placed => Severity::Praise,
                abs($error->value) >= self::FAULT => Severity::Fault,
                default => Severity::Weakness,
            },
            sentence: $placed
                ? sprintf(
                    'You placed the %s at %s from mid-grey, within a third of a stop of where the brief wants it.',
                    $wanted->label,
                    $subject->placement()->signed(),
                )
                : sprintf(
                    'The %s is %s too %s: it sits at %s from mid-grey and the brief wants it at %s.',
                    $wanted->label,
                    $error->inWords(),
                    $error->value > 0 ? 'bright' : 'dark',
                    $subject->placement()->signed(),
                    $wanted->stops->signed(),
                ),
            evidence: [
                new Evidence(
                    'subject placement',
                    $subject->placement()->value,
                    'stops',
                    $wanted->stops->value,
                    self::LIMIT - abs($error->value),
                ),
            ],
            source: 'The brief\'s placement; limit ⅓ stop, the finest step of most dials.',
            suggestion: $placed ? null : (new PlacementAdviser())->suggest($situation)[0] ?? null,
        );
    }
}
