<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Seen\SeenFace;
use TruePupil\Core\Situation\Situation;

/** One head of a group far above or below the others. */
#[Declared('people.heads-uneven', Topic::People)]
final class HeadsUneven extends FindingRule
{
    /** Heights of a face by which one is off the others. */
    private const OFF = 1.5;

    public function needs(): array
    {
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        $people = $situation->measures->claims->people;
        $faces = array_column($people?->largeFaces() ?? [], 0);
        if ($people === null || count($faces) < 3) {
            return null;
        }
        $middles = array_map(fn (SeenFace $face): float => $face->box->centre()['y'], $faces);
        sort($middles);
        $size = array_sum(array_map(fn (SeenFace $face): float => $face->box->height, $faces)) / count($faces);
        // The others are a line of their own; in two rows nobody stands alone.
        $last = count($middles) - 1;
        [$lowest, $highest] = [
            ($middles[$last] - $middles[$last - 1]) / $size,
            ($middles[1] - $middles[0]) / $size,
        ];
        $rest = $lowest >= $highest
            ? ($middles[$last - 1] - $middles[0]) / $size
            : ($middles[$last] - $middles[1]) / $size;
        $off = max($lowest, $highest);
        if ($off < self::OFF || $rest >= self::OFF) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Choice,
            sentence: sprintf(
                'One head is well %s the others. Is that meant? A step, a chair or bent knees bring heads closer '.
                    'together.',
                $lowest >= $highest ? 'below' : 'above',
            ),
            evidence: [new Evidence('off the next, in heights of a face', $off, '', self::OFF, self::OFF - $off)],
            source: 'The faces that were found.',
            confidence: $people->confidence(0.6),
        );
    }
}
