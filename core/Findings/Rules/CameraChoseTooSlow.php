<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Checks\Measures\RecordShakeRoom;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Retake\SameExposure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** The camera chose a time longer than hands or the subject hold: what to set so that it does not. */
#[Declared('movement.camera-chose-too-slow', Topic::Movement, contradictedBy: [RecordShakeRoom::class])]
final class CameraChoseTooSlow extends FindingRule
{
    public function needs(): array
    {
        return [Need::ExposureTime, Need::Mode, Need::Support, Need::FocalLength, Need::Format];
    }

    public function judge(Situation $situation): ?Finding
    {
        $time = $situation->record->exposure->exposureTime;
        $mode = $situation->record->exposure->mode;
        $limits = array_filter(
            [$situation->handHeldLimit()?->seconds, $situation->movementBand()?->longest],
            fn (?float $limit): bool => $limit !== null,
        );
        if ($time === null || ! $mode->choosesTime() || $limits === []) {
            return null;
        }
        $limit = min($limits);
        $beyond = Stops::ofRatio($time->exact / $limit);
        if ($beyond->value <= 1 / 3) {
            return null;
        }
        $needed = ExposureTime::noLongerThan($limit);
        $settings = $situation->record->settings();
        $widest = $situation->widest();
        $room =
            $settings === null || $widest === null
                ? 0.0
                : max(0.0, $widest->stopsMoreLightThan($settings->aperture)->value);

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Weakness,
            sentence: sprintf(
                'In %s the camera chose %s, %s longer than this subject and these hands allow. Set the slowest time '.
                    'of automatic ISO to %s and its ceiling high enough%s, or set the time yourself.',
                $mode->label(),
                $time,
                $beyond->inWords(),
                $needed,
                $room >= 1 / 3 ? sprintf(', open up (%s is left)', Stops::of($room)->inWords()) : '',
            ),
            evidence: [new Evidence('exposure time', $time->exact, 's', $limit, -$beyond->value, 'stops')],
            source: 'The camera spends time first; only automatic ISO with a slowest time, or a wider aperture, stops '.
                'it.',
            suggestion: SameExposure::with($situation, 'a time that hands and subject allow', time: $needed),
        );
    }
}
