<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Checks\Measures\StarsRoom;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Motion\StarTrail;
use TruePupil\Core\Retake\SameExposure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** Stars that were to stay points and draw lines. */
#[Declared('movement.stars-trail', Topic::Movement, contradictedBy: [StarsRoom::class])]
final class StarsTrail extends FindingRule
{
    public function needs(): array
    {
        return [Need::ExposureTime, Need::FocalLength, Need::Format];
    }

    public function judge(Situation $situation): ?Finding
    {
        $time = $situation->record->exposure->exposureTime;
        $limit = $situation->starLimit();
        $focalLength = $situation->record->lens->focalLength;
        if ($time === null || $limit === null || $focalLength === null) {
            return null;
        }
        $beyond = Stops::ofRatio($time->exact / $limit);
        if ($beyond->value <= 1 / 3) {
            return null;
        }
        $pitch = $situation->kit?->body->pixelPitch();
        $trail =
            $pitch === null
                ? null
                : StarTrail::pixels(
                    $focalLength,
                    $pitch,
                    $situation->statement->intent->contents->declination,
                    $time->exact,
                );
        $needed = ExposureTime::noLongerThan($limit);

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: $beyond->value >= 1.0 ? Severity::Fault : Severity::Weakness,
            sentence: sprintf(
                'In %s at %s mm the sky turned too far for points%s. Up to %s they stay points: step down to it and '.
                    'give the light back by ISO or aperture.',
                $time,
                round($focalLength),
                $trail === null ? '' : sprintf(': the stars drew lines of %.1f pixels', $trail),
                $needed,
            ),
            evidence: [
                new Evidence('exposure time', $time->exact, 's', $limit, -$beyond->value, 'stops'),
                ...$trail === null ? [] : [new Evidence('trail, pixels', $trail)],
            ],
            source: $pitch === null
                ? 'The rough rule: 500 over the 35 mm equivalent focal length.'
                : 'The pixel-based rule: (35·N + 30·pitch)/focal length.',
            suggestion: SameExposure::with($situation, 'stars stay points', time: $needed),
        );
    }
}
