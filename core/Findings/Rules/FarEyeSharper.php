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

/** A turned face of which the eye further away is the sharper one. */
#[Declared('people.far-eye-sharper', Topic::Focus)]
final class FarEyeSharper extends FindingRule
{
    /** Sharpness of the nearer eye against the other under which the focus lies behind it. */
    private const BEHIND = 0.7;

    public function needs(): array
    {
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        $people = $situation->measures->claims->people;
        [$face, $measures] = $people?->largeFaces()[0] ?? [null, null];
        if (
            $people === null || $face === null || ! $face->isTurned() ||
            $measures?->nearerEye === null || $measures->nearerEye >= self::BEHIND
        ) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Weakness,
            sentence: 'Is the farther eye the sharper one? The nearer eye is looked at first: put the focus point on '.
                'it, or turn on detection of eyes if the camera has it.',
            evidence: [
                new Evidence(
                    'nearer eye against the other',
                    $measures->nearerEye,
                    '',
                    self::BEHIND,
                    $measures->nearerEye - self::BEHIND,
                ),
            ],
            source: 'Edges round both eyes of the largest face that was found.',
            confidence: $people->confidence(0.7),
            patch: $face->box,
        );
    }
}
