<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Composition\PlaceName;
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

/** A subject that was meant to stand alone. */
#[Declared('composition.alone', Topic::Composition)]
final class SubjectAlone extends FindingRule
{
    public function needs(): array
    {
        return [Need::Composition, Need::Subject];
    }

    public function judge(Situation $situation): ?Finding
    {
        [$composition, $subject] = [$situation->measures->composition, $situation->measures->subject];
        if ($situation->statement->intent->idea !== Idea::Isolation || $composition === null || $subject === null) {
            return null;
        }
        $rivals = array_values(
            array_filter(
                $composition->attention->peaks,
                fn (array $peak): bool => ! $subject->region->holds($peak['x'], $peak['y']) &&
                    $peak['weight'] >= Thresholds::COMPETES,
            ),
        );
        $strongest = $rivals[0] ?? null;

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: $strongest === null ? Severity::Praise : Severity::Weakness,
            sentence: $strongest === null
                ? 'Nothing else in the frame draws the eye as the subject does: it stands alone, as you wanted.'
                : sprintf(
                    'You wanted the subject alone, and something %s draws the eye as strongly. Leave it out, let it '.
                        'go soft, or wait until it has gone.',
                    PlaceName::of($strongest['x'], $strongest['y']),
                ),
            evidence: [
                new Evidence(
                    'strongest rival',
                    100 * ($strongest['weight'] ?? 0.0),
                    '% of the strongest place',
                    100 * Thresholds::COMPETES,
                ),
            ],
            source: 'Peaks of the attention map outside the mark of the subject.',
            confidence: 0.5,
        );
    }
}
