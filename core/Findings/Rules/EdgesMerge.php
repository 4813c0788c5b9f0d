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
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** A line of the background that runs along the outline of the subject, so that the two become one. */
#[Declared('composition.edges-merge', Topic::Composition)]
final class EdgesMerge extends FindingRule
{
    public function needs(): array
    {
        return [Need::Composition, Need::Subject];
    }

    /** Of the subject's side that the line runs along. */
    private const ALONG = 0.3;

    /** The line goes on past the subject by this part of itself; less, and it is likely the subject's own edge. */
    private const BEYOND = 0.35;

    public function judge(Situation $situation): ?Finding
    {
        [$composition, $region] = [$situation->measures->composition, $situation->measures->subject?->region];
        if ($composition === null || $region === null) {
            return null;
        }
        $near = Thresholds::MERGES * hypot($composition->aspect, 1.0);
        foreach ($composition->segments as $segment) {
            foreach (
                [['left', $region->x], ['right', $region->x + $region->width], ['top', $region->y]] as [$side, $at]
            ) {
                $isUpright = $side !== 'top';
                [$from, $to, $across, $start, $size] = $isUpright
                    ? [
                        min($segment['y1'], $segment['y2']),
                        max($segment['y1'], $segment['y2']),
                        [$segment['x1'], $segment['x2']],
                        $region->y,
                        $region->height,
                    ]
                    : [
                        min($segment['x1'], $segment['x2']),
                        max($segment['x1'], $segment['x2']),
                        [$segment['y1'], $segment['y2']],
                        $region->x,
                        $region->width,
                    ];
                $beside = max(abs($across[0] - $at), abs($across[1] - $at)) * ($isUpright ? $composition->aspect : 1.0);
                $shared = min($to, $start + $size) - max($from, $start);
                if (
                    $beside > $near ||
                    $shared < self::ALONG * $size ||
                    $to - $from - $shared < self::BEYOND * ($to - $from)
                ) {
                    continue;
                }

                return new Finding(
                    id: $this->id(),
                    topic: $this->topic(),
                    severity: Severity::Choice,
                    sentence: sprintf(
                        'A line of the background runs along the %s of the subject and on past it, so that the two '.
                            'become one. %s parts them.',
                        $isUpright ? $side.' side' : $side,
                        $isUpright ? 'Half a step to the side' : 'A little higher or lower',
                    ),
                    evidence: [
                        new Evidence(
                            'distance from the outline',
                            (100 * $beside) / hypot($composition->aspect, 1.0),
                            '% of the diagonal',
                            100 * Thresholds::MERGES,
                            (100 * ($near - $beside)) / hypot($composition->aspect, 1.0),
                        ),
                        new Evidence('shared', (100 * $shared) / $size, '% of that side'),
                    ],
                    source: 'Straight edges beside the mark of the subject that are longer than it on that side.',
                    confidence: 0.4,
                );
            }
        }

        return null;
    }
}
