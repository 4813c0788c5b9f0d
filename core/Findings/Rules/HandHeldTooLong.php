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
use TruePupil\Core\Findings\Thresholds;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Motion\HandHeldLimit;
use TruePupil\Core\Retake\SameExposure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** An exposure longer than hands hold still for this focal length, format and support. */
#[Declared(
    'movement.hand-held-too-long',
    Topic::Movement,
    explains: [CameraChoseTooSlow::class],
    contradictedBy: [RecordShakeRoom::class],
)]
final class HandHeldTooLong extends FindingRule
{
    /** Hands differ by more than this; nearer than it says nothing. */
    private const LIMIT = 1 / 3;

    /** Stops beyond what hands hold from which a sharp picture is doubted to be held by them. */
    private const DOUBTFUL = 2.0;

    public function needs(): array
    {
        return [Need::ExposureTime, Need::Support, Need::FocalLength, Need::Format];
    }

    public function judge(Situation $situation): ?Finding
    {
        $limit = $situation->handHeldLimit();
        $time = $situation->record->exposure->exposureTime;
        $support = $situation->record->support;
        // Along a pan nothing is to be held still; a time that suits the pan is no fault of the hands.
        $isPan = $situation->statement->intent->movement?->want === MovementLook::Pan;
        $isPannedWell = $isPan && ($situation->movementBand()?->holds($time->exact ?? 0.0) ?? false);
        if ($limit === null || $time === null || $support === null || $isPannedWell) {
            return null;
        }
        $beyond = $limit->roomFor($time->exact)->negated();
        if ($beyond->value <= self::LIMIT) {
            return null;
        }

        if ($beyond->value >= self::DOUBTFUL && $this->isSharp($situation)) {
            return $this->doubt($time, $support, $beyond, $limit);
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: $beyond->value >= 1.0 ? Severity::Fault : Severity::Weakness,
            sentence: sprintf(
                '%s %s is %s longer than most hands hold %s still. Brace the camera, use a tripod, or take %s more '.
                    'from ISO or aperture.%s',
                $time,
                $support->label(),
                $beyond->inWords(),
                $situation->focalLengthInWords($situation->record->lens->focalLength ?? 0.0),
                Stops::of($beyond->value)->inWords(),
                $situation->record->exposure->mode->choosesTime()
                    ? sprintf(
                        ' The camera chose it: give automatic ISO %s as its slowest time, or set the time yourself.',
                        ExposureTime::noLongerThan($limit->seconds),
                    )
                    : '',
            ),
            evidence: [new Evidence('exposure time', $time->exact, 's', $limit->seconds, -$beyond->value, 'stops')],
            source: sprintf(
                'One over the 35 mm equivalent focal length, longer by the stabiliser\'s stops, by one braced and by '.
                    'two on a monopod. Hands differ; this course takes %s.',
                $situation->approach->handHeld->label(),
            ),
            suggestion: SameExposure::with(
                $situation,
                'hands hold it still',
                time: ExposureTime::noLongerThan($limit->seconds),
            ),
        );
    }

    private function isSharp(Situation $situation): bool
    {
        $focus = $situation->measures->focus;

        return $focus?->subject !== null && $focus->smear === null
            && $focus->confidence >= Thresholds::FOCUS_CONFIDENCE
            && $focus->subject->sharpness >= Thresholds::SHARP
            && $focus->subject->crisp >= Thresholds::CRISP_SHARE;
    }

    /** So long, and sharp all the same: something held the camera, or somebody holds it very still. */
    private function doubt(ExposureTime $time, Support $support, Stops $beyond, HandHeldLimit $limit): Finding
    {
        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Choice,
            sentence: sprintf(
                '%s %s, and the subject is crisp all the same: was it really held so? If something held the camera, '.
                    'say so; if not, few hands are as still.',
                $time,
                $support->label(),
            ),
            evidence: [new Evidence('exposure time', $time->exact, 's', $limit->seconds, -$beyond->value, 'stops')],
            source: 'What most hands hold, against the sharpness measured in the subject.',
        );
    }
}
