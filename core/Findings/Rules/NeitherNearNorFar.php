<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Thresholds;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** A subject half-way: too far to fill the picture, too near to be a part of a place, and not what the eye goes to. */
final class NeitherNearNorFar implements FindingRule
{
    public function id(): string
    {
        return 'composition.neither-near-nor-far';
    }

    public function needs(): array
    {
        return [Need::Subject, Need::Composition];
    }

    public function judge(Situation $situation): ?Finding
    {
        $region = $situation->measures->subject?->region;
        $held = $situation->measures->composition?->attention->subjectShare;
        if ($region === null || $held === null || $situation->statement->intent->idea !== null) {
            return null;
        }
        $share = $region->sharePct();
        [$from, $to] = Thresholds::HALF_WAY;
        $least = Thresholds::HOLDS * $share;
        if ($share < $from || $share > $to || 100 * $held >= $least) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: Topic::Composition,
            severity: Severity::Choice,
            sentence: sprintf(
                'The subject takes %.0f %% of the frame and %.0f %% of what draws the eye: neither near nor far. Work '.
                    'the scene: at half the distance it takes about %.0f %%, at twice the distance %.0f %% and the '.
                    'place becomes the subject; then go round it and see what stands behind.',
                $share,
                100 * $held,
                min(100.0, 4 * $share),
                $share / 4,
            ),
            evidence: [
                new Evidence('attention held by the subject', 100 * $held, '%', $least, 100 * $held - $least),
                new Evidence('share of the frame', $share, '%'),
            ],
            source: 'The mark of the subject and the attention map. The area grows with the square of nearness.',
            confidence: 0.4,
        );
    }
}
