<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Retake\SameExposure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** Lamps or the sun that were to become stars, at an aperture too wide for it. */
#[Declared('depth.sun-star', Topic::Depth)]
final class SunStar extends FindingRule
{
    /** f-number. */
    private const STARS_FROM = 11.0;

    public function needs(): array
    {
        return [Need::Settings];
    }

    public function judge(Situation $situation): ?Finding
    {
        $aperture = $situation->record->exposure->fNumber;
        if (
            ! $situation->statement->intent->contents->sunStar ||
            $aperture === null ||
            $aperture->exact >= self::STARS_FROM * 0.97
        ) {
            return null;
        }
        $needed = Aperture::of(self::STARS_FROM);
        $stops = $aperture->stopsMoreLightThan($needed);

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Weakness,
            sentence: sprintf(
                'At %s points of light stay round. Rays grow from about %s on, where the blades of the aperture leave '.
                    'corners. With the sun itself, look at the screen, never through an optical finder.',
                $aperture,
                $needed,
            ),
            evidence: [new Evidence('f-number', $aperture->exact, '', self::STARS_FROM, -$stops->value, 'stops')],
            source: 'Common practice; the number of rays follows the number of blades.',
            suggestion: SameExposure::with($situation, 'points of light grow rays', aperture: $needed),
        );
    }
}
