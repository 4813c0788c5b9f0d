<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Optics\Metres;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** Everything that should look sharp lies inside the depth of field. */
#[Declared('depth.as-wanted', Topic::Depth)]
final class DepthAsWanted extends FindingRule
{
    /** Distances are estimates: five hundredths is no difference. */
    private const HAIR = 1.05;

    public function needs(): array
    {
        return [Need::Settings, Need::FocalLength, Need::Format, Need::Depth];
    }

    public function judge(Situation $situation): ?Finding
    {
        [$near, $far, $depth] = [
            $situation->statement->intent->sharpFrom(),
            $situation->statement->intent->sharpTo(),
            $situation->depth(),
        ];
        $aperture = $situation->record->exposure->fNumber;
        if (
            $near === null ||
            $depth === null ||
            $aperture === null ||
            $depth->near > $near * self::HAIR ||
            ($depth->far !== null && ($far === null || $depth->far < $far / self::HAIR))
        ) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Praise,
            sentence: sprintf(
                '%s holds the depth you wanted: sharp from %s to %s, and %s to %s was asked for.',
                $aperture,
                Metres::text($depth->near),
                Metres::text($depth->far),
                Metres::text($near),
                Metres::text($far),
            ),
            evidence: [
                new Evidence('near end of depth', $depth->near, 'm', $near, $near - $depth->near),
                new Evidence(
                    'far end of depth',
                    $depth->far ?? 'the horizon',
                    $depth->far === null ? '' : 'm',
                    $far ?? 'the horizon',
                ),
            ],
            source: 'Thin-lens depth of field at the format\'s circle of confusion.',
        );
    }
}
