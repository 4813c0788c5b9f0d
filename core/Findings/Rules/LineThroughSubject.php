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

/** A line of the background that runs into the subject, or through a head. */
#[Declared('composition.line-through-subject', Topic::Composition)]
final class LineThroughSubject extends FindingRule
{
    /** % of the frame over which a subject leaves too little background for a line to cross it. */
    private const LARGEST = 40.0;

    /** Share of the frame's side from which a line belongs to the background … */
    private const LONG = 0.5;

    /** … if it is so many times as long as the subject on that side, which has edges of its own. */
    private const LONGER = 1.8;

    /** Shares of the subject between which a line runs through it: along its rim it only touches. */
    private const THROUGH = [0.05, 0.6];

    /** Share of a person from the top in which the head is. */
    private const HEAD = 0.35;

    public function needs(): array
    {
        return [Need::Composition, Need::Subject];
    }

    public function judge(Situation $situation): ?Finding
    {
        $composition = $situation->measures->composition;
        $region = $situation->measures->subject?->region;
        // Where heads were found, LineAtHead knows better where they are.
        $isOfHeads = ($situation->measures->claims->people?->largeFaces() ?? []) !== [];
        if ($composition === null || $region === null || $isOfHeads || $region->sharePct() > self::LARGEST) {
            return null;
        }
        foreach ($composition->lines as $line) {
            // Longer than the subject on that side, so that it belongs to the background.
            [$from, $size, $along] = $line['upright']
                ? [$region->x, $region->width, $region->height]
                : [$region->y, $region->height, $region->width];
            $inside = ($line['at'] - $from) / $size;
            $long = max(self::LONG, self::LONGER * $along);
            if ($line['length'] < $long || $inside < self::THROUGH[0] || $inside > self::THROUGH[1]) {
                continue;
            }
            $head = ! $line['upright'] && $inside < self::HEAD && $situation->statement->intent->contents->person;

            return new Finding(
                id: $this->id(),
                topic: $this->topic(),
                severity: $head ? Severity::Weakness : Severity::Choice,
                sentence: $line['upright']
                    ? 'An upright line of the background runs through the subject, as if it grew out of it. Half a '.
                        'step to the side clears it.'
                    : ($head
                        ? 'A level line runs through the head. Bend your knees, or go up a step, and it passes the '.
                            'shoulders or clears the hair.'
                        : 'A level line of the background cuts through the subject. A higher or lower viewpoint moves '.
                            'it.'),
                evidence: [
                    new Evidence('line through the mark', 100 * $inside, '%'),
                    new Evidence(
                        'its length',
                        100 * $line['length'],
                        '%',
                        100 * $long,
                        100 * ($long - $line['length']),
                    ),
                ],
                source: 'Detected lines that are longer than the subject and cross its mark.',
                confidence: 0.5,
            );
        }

        return null;
    }
}
