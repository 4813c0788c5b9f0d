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
    public function needs(): array
    {
        return [Need::Composition, Need::Subject];
    }

    public function judge(Situation $situation): ?Finding
    {
        $composition = $situation->measures->composition;
        $region = $situation->measures->subject?->region;
        if ($composition === null || $region === null || $region->sharePct() > 40) {
            return null;
        }
        foreach ($composition->lines as $line) {
            // Longer than the subject on that side, so that it belongs to the background.
            [$from, $size, $along] = $line['upright']
                ? [$region->x, $region->width, $region->height]
                : [$region->y, $region->height, $region->width];
            $inside = ($line['at'] - $from) / $size;
            if ($line['length'] < max(0.5, 1.8 * $along) || $inside < 0.05 || $inside > 0.6) {
                continue;
            }
            $head = ! $line['upright'] && $inside < 0.35 && $situation->statement->intent->contents->person;

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
                    new Evidence('its length', 100 * $line['length'], '%', 50.0),
                ],
                source: 'Detected lines that are longer than the subject and cross its mark.',
                confidence: 0.5,
            );
        }

        return null;
    }
}
