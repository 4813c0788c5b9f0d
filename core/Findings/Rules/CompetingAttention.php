<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Composition\PlaceName;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Thresholds;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** Two things that draw the eye equally. */
final class CompetingAttention implements FindingRule
{
    public function id(): string
    {
        return 'composition.competing-attention';
    }

    public function needs(): array
    {
        return [Need::Composition];
    }

    public function judge(Situation $situation): ?Finding
    {
        $composition = $situation->measures->composition;
        $peaks = $composition->attention->peaks ?? [];
        $subject = $situation->measures->subject?->region;
        if (count($peaks) < 2 || $peaks[1]['weight'] < Thresholds::COMPETES) {
            return null;
        }
        // Two within the subject do not compete with it.
        $inside = fn (array $peak): bool => $subject !== null &&
            $peak['x'] >= $subject->x - 0.05 &&
            $peak['x'] <= $subject->x + $subject->width + 0.05 &&
            $peak['y'] >= $subject->y - 0.05 &&
            $peak['y'] <= $subject->y + $subject->height + 0.05;
        $rivals = array_values(array_filter(array_slice($peaks, 0, 2), fn (array $peak): bool => ! $inside($peak)));
        if (
            $rivals === [] ||
            ($subject !== null && count($rivals) === 2 && $composition?->attention->subjectShare > 0.3)
        ) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: Topic::Composition,
            severity: Severity::Choice,
            sentence: $subject === null
                ? 'Two places in the picture draw the eye equally. Decide for one: leave the other out, darken it, or '.
                    'let them speak to each other on purpose.'
                : sprintf(
                    'Something in the %s draws the eye as much as the subject does. Leave it out, hide it behind the '.
                        'subject, or darken it.',
                    PlaceName::of($rivals[0]['x'], $rivals[0]['y']),
                ),
            evidence: [
                new Evidence(
                    'second centre against the first',
                    $peaks[1]['weight'],
                    '',
                    Thresholds::COMPETES,
                    Thresholds::COMPETES - $peaks[1]['weight'],
                ),
            ],
            source: 'Image signature (Hou, Harel and Koch 2012): what stands out sparsely from its ground.',
            confidence: 0.5,
        );
    }
}
