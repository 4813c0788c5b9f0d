<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Checks\Measures\MovementBandError;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Retake\SameExposure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** A movement that was to be frozen, or sharp enough, and blurred by more than that: in circles of confusion. */
#[Declared('movement.subject-blurred', Topic::Movement, contradictedBy: [MovementBandError::class])]
final class SubjectBlurred extends FindingRule
{
    /** Stops: within a click, dials and speeds are too coarse to tell. */
    private const LIMIT = 1 / 3;

    private const FAULT = 1.0;

    public function needs(): array
    {
        return [Need::ExposureTime, Need::FocalLength, Need::Format, Need::Movement];
    }

    public function judge(Situation $situation): ?Finding
    {
        $movement = $situation->statement->intent->movement;
        $time = $situation->record->exposure->exposureTime;
        $longest = $situation->movementBand()?->longest;
        if (
            $movement === null ||
            $time === null ||
            $longest === null ||
            ! in_array($movement->want, [MovementLook::Freeze, MovementLook::Acceptable], true)
        ) {
            return null;
        }
        $beyond = Stops::ofRatio($time->exact / $longest);
        if ($beyond->value <= self::LIMIT) {
            return null;
        }
        $circle = $situation->circleOfConfusion();
        $blur = $situation->movementBlur()?->after($time->exact);
        $needed = ExposureTime::noLongerThan($longest);

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: $beyond->value >= self::FAULT ? Severity::Fault : Severity::Weakness,
            sentence: $blur === null || $circle === null
                ? sprintf(
                    '%s is %s longer than a movement that is to be %s usually allows: try %s or shorter.',
                    $time,
                    $beyond->inWords(),
                    $movement->want->label(),
                    $needed,
                )
                : sprintf(
                    'In %s the movement went further than an eye passes over. To be %s it asks for %s or shorter: '.
                        '%s less time.',
                    $time,
                    $movement->want->label(),
                    $needed,
                    $beyond->inWords(),
                ),
            evidence: [
                new Evidence('exposure time', $time->exact, 's', $longest, -$beyond->value, 'stops'),
                ...$blur === null || $circle === null
                    ? []
                    : [
                        new Evidence(
                            'blur, circles of confusion',
                            $blur / $circle,
                            '',
                            $movement->want === MovementLook::Freeze ? 1.0 : 4.0,
                        ),
                    ],
            ],
            source: $blur === null
                ? 'Times of common practice, since speed or distance is not known.'
                : 'Speed across the frame × time × magnification against one circle of confusion (frozen) or four '.
                    '(sharp enough).',
            suggestion: SameExposure::with(
                $situation,
                sprintf('the movement is %s', $movement->want->label()),
                time: $needed,
            ),
        );
    }
}
