<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Thresholds;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** Corners that are much darker than the middle. */
#[Declared('colour.dark-corners', Topic::Colour)]
final class DarkCorners extends FindingRule
{
    public function needs(): array
    {
        return [Need::Colour];
    }

    public function judge(Situation $situation): ?Finding
    {
        $corners = $situation->measures->colour->cornerStops ?? 0.0;
        if (-$corners < Thresholds::DARK_CORNERS) {
            return null;
        }
        $widest = $situation->widest();
        $isOpen =
            $widest !== null &&
            $situation->record->exposure->fNumber !== null &&
            $situation->record->exposure->fNumber->exact <= $widest->exact * 1.2;

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Choice,
            sentence: sprintf(
                'Both upper corners are %s darker than the plain ground between them. %s',
                Stops::of(-$corners)->inWords(),
                $isOpen
                    ? 'At its widest a lens often does that; two stops closed, it goes.'
                    : 'Was it so there? If not, a hood, a filter ring or the finish did it.',
            ),
            evidence: [
                new Evidence(
                    'corners against the middle',
                    $corners,
                    'stops',
                    -Thresholds::DARK_CORNERS,
                    $corners + Thresholds::DARK_CORNERS,
                ),
            ],
            source: 'Mean luminance of both upper corners, where they are plain and alike, against the middle between.',
            confidence: 0.5,
        );
    }
}
