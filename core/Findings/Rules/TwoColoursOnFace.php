<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Situation;

/** A face that is lit warm from one side and cool from the other. */
#[Declared('people.two-colours-of-light', Topic::People)]
final class TwoColoursOnFace extends FindingRule
{
    /** Stops of red against blue between the halves; light and shade of one lamp stay under it. */
    private const APART = 1.2;

    public function needs(): array
    {
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        $people = $situation->measures->claims->people;
        $measures = $people?->largeFaces()[0][1] ?? null;
        if ($people === null || $measures === null || $measures->warmthBetween < self::APART) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Choice,
            sentence: 'Do two colours of light meet on the face, a lamp on one side and daylight on the other? Switch '.
                'one of them off, or turn the face to one of them; no white balance suits both.',
            evidence: [
                new Evidence(
                    'red against blue, between the halves of the face',
                    $measures->warmthBetween,
                    'stops',
                    self::APART,
                    self::APART - $measures->warmthBetween,
                ),
            ],
            source: 'Colours of the halves of the largest face that was found.',
            confidence: $people->confidence(0.7),
            patch: $people->largeFaces()[0][0]->box,
        );
    }
}
