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

/** A large part of the frame in which nothing happens, and the crop that takes it away. */
#[Declared('composition.empty-share', Topic::Composition)]
final class EmptyShare extends FindingRule
{
    public function needs(): array
    {
        return [Need::Composition];
    }

    public function judge(Situation $situation): ?Finding
    {
        $composition = $situation->measures->composition;
        $area = $composition->plain[0] ?? null;
        if (
            $composition === null ||
            $area === null ||
            $area['sharePct'] < Thresholds::EMPTY ||
            in_array($situation->statement->intent->idea, [Idea::Isolation, Idea::SmallFigure], true)
        ) {
            return null;
        }
        $crop = $composition->crops[0] ?? null;

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Choice,
            sentence: sprintf(
                '%.0f %% of the frame is %s%s. If it gives the subject air, keep it; if it is only left over, %s.',
                $area['sharePct'],
                ['dark' => 'featureless dark', 'bright' => 'empty brightness', 'plain' => 'plain'][$area['kind']] ??
                    'plain',
                $area['side'] === null ? '' : ' along the '.$area['side'],
                $crop === null
                    ? 'go nearer'
                    : sprintf(
                        'a crop to %s keeps %.0f %% of what draws the eye in %.0f %% of the area',
                        $crop['ratio'],
                        $crop['attentionPct'],
                        $crop['keptPct'],
                    ),
            ),
            evidence: [
                new Evidence(
                    'plain share',
                    $area['sharePct'],
                    '%',
                    Thresholds::EMPTY,
                    Thresholds::EMPTY - $area['sharePct'],
                ),
            ],
            source: 'Connected parts of the picture without any detail.',
            confidence: 0.8,
        );
    }
}
