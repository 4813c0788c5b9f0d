<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** A straight line that hugs the edge of the frame. */
#[Declared('composition.line-at-edge', Topic::Composition)]
final class LineAtEdge extends FindingRule
{
    public function needs(): array
    {
        return [Need::Composition];
    }

    public function judge(Situation $situation): ?Finding
    {
        $near = null;
        foreach ($situation->measures->composition->lines ?? [] as $line) {
            $gap = min($line['at'], 1 - $line['at']);
            if (
                $gap > 0.005 &&
                $gap < 0.03 &&
                $line['length'] > 0.6 &&
                ($near === null || $line['length'] > $near['length'])
            ) {
                $near = $line;
            }
        }
        if ($near === null) {
            return null;
        }
        $side = $near['upright'] ? ($near['at'] < 0.5 ? 'left' : 'right') : ($near['at'] < 0.5 ? 'top' : 'bottom');

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Weakness,
            sentence: sprintf(
                'A straight line runs close along the %s edge, like a second frame. Take it in with room, or leave it '.
                    'out.',
                $side,
            ),
            evidence: [
                new Evidence('line from the edge', 100 * min($near['at'], 1 - $near['at']), '%', 3.0),
                new Evidence('its length', 100 * $near['length'], '%'),
            ],
            source: 'Detected lines nearer to the edge than 3 % of the frame.',
            confidence: 0.6,
        );
    }
}
