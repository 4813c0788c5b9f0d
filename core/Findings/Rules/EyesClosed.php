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

/** A face of which both eyes are shut. */
#[Declared('people.eyes-closed', Topic::People)]
final class EyesClosed extends FindingRule
{
    /** Widths of an eye by which its lids are apart, under which it is shut: open ones are at 0.2 and more. */
    private const SHUT = 0.12;

    public function needs(): array
    {
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        $people = $situation->measures->claims->people;
        $faces = $people?->largeFaces() ?? [];
        $shut = array_values(array_filter(
            $faces,
            fn (array $face): bool => ! $face[0]->isTurned() && max($face[0]->lids) < self::SHUT,
        ));
        if ($people === null || $shut === []) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Weakness,
            sentence: (count($faces) === 1
                ? 'Are the eyes closed?'
                : sprintf('Has %s of the %d faces its eyes closed?', self::count($shut), count($faces))).
                ' If that is not the picture, take several frames in a row and keep one with open eyes.',
            evidence: [
                new Evidence(
                    'lids apart, in widths of the eye',
                    max($shut[0][0]->lids),
                    '',
                    self::SHUT,
                    self::SHUT - max($shut[0][0]->lids),
                ),
            ],
            source: 'The faces that were found in the picture.',
            confidence: $people->confidence(0.8),
            patch: $shut[0][0]->box,
        );
    }

    /** @param  list<mixed>  $shut */
    private static function count(array $shut): string
    {
        return count($shut) === 1 ? 'one' : (string) count($shut);
    }
}
