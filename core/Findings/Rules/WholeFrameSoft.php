<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Thresholds;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Focus\EdgeBlur;
use TruePupil\Core\Focus\FocusMeasures;
use TruePupil\Core\Focus\Smear;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** Nothing in the picture is crisp: shaken where the blur has a direction, out of focus where it has none. */
#[Declared('focus.whole-frame-soft', Topic::Focus)]
final class WholeFrameSoft extends FindingRule
{
    /** Sharpness of the sharpest part up to which it is asked whether anything is crisp: one pixel of 1600. */
    private const ASKED = 0.66;

    /** Part of the frame with texture that is enough to see softness by. */
    private const CONFIDENCE = 0.15;

    public function needs(): array
    {
        return [Need::FocusMap];
    }

    public function judge(Situation $situation): ?Finding
    {
        $focus = $situation->measures->focus;
        $look = $situation->statement->intent->movement?->want;
        if (
            $focus?->sharpness === null ||
            $focus->confidence < self::CONFIDENCE ||
            ($focus->smear === null && $focus->sharpness >= self::ASKED) ||
            // Everything may streak that was meant to.
            in_array($look, [MovementLook::Streak, MovementLook::Silk], true)
        ) {
            return null;
        }
        $smear = $focus->smear;
        if ($smear === null && $focus->sharpness >= Thresholds::SOFT) {
            return $this->asked($focus, $focus->sharpness);
        }
        $limit = $situation->handHeldLimit();
        $time = $situation->record->exposure->exposureTime;
        $slow = $limit !== null && $time !== null && $limit->roomFor($time->exact)->value < 0;
        $limitOfBlur = EdgeBlur::FIRST * sqrt(Thresholds::SOFT ** -2 - 1);

        return new Finding(
            id: $this->id(),
            topic: $smear === null ? Topic::Focus : Topic::Movement,
            severity: Severity::Fault,
            sentence: match (true) {
                $smear === null && $slow => sprintf(
                    'Nothing in the picture is crisp. At %s by hand the camera most likely moved; the focus may have '.
                        'missed as well. Try again shorter, or on something that stands.',
                    $time,
                ),
                $smear === null => 'Nothing in the picture is crisp, whichever way one looks at it: the focus missed, '.
                    'or the lens was not clean. Try again with one focus point, or by hand with magnification.',
                $slow => sprintf(
                    'The whole picture is blurred %s: the camera moved during %s.',
                    Smear::way($smear->degrees),
                    $time,
                ),
                default => sprintf(
                    'The whole picture is blurred %s and not the other way: the camera moved, or all of the scene.%s',
                    Smear::way($smear->degrees),
                    self::isLeftToStabiliser($situation)
                        ? ' This time is for the stabiliser to hold, and it needs a moment for that: was the '.
                            'button held half way until the view came to rest?'
                        : '',
                ),
            },
            evidence: [
                $smear === null
                    ? new Evidence(
                        'sharpness of the sharpest part',
                        100 * $focus->sharpness,
                        '%',
                        100 * Thresholds::SOFT,
                        100 * ($focus->sharpness - Thresholds::SOFT),
                    )
                    : new Evidence(
                        'blur of the sharpest part, that way',
                        $smear->along,
                        'px of 1600',
                        $limitOfBlur,
                        $limitOfBlur - $smear->along,
                    ),
            ],
            source: FocusMeasures::METHOD,
            confidence: 0.8 * sqrt($focus->confidence),
        );
    }

    /** Between soft and crisp lies what a small file, a soft lens or a light mist may show. */
    private function asked(FocusMeasures $focus, float $sharpness): Finding
    {
        return new Finding(
            id: $this->id(),
            topic: Topic::Focus,
            severity: Severity::Choice,
            sentence: 'Is anything in the picture as crisp as you wanted it? Even its sharpest part is a little soft: '.
                'the focus may have missed by little, or the camera moved by little.',
            evidence: [
                new Evidence(
                    'sharpness of the sharpest part',
                    100 * $sharpness,
                    '%',
                    100 * self::ASKED,
                    100 * ($sharpness - self::ASKED),
                ),
            ],
            source: FocusMeasures::METHOD,
            confidence: 0.8 * sqrt($focus->confidence),
        );
    }

    /** Hands alone would not have held it; a stabiliser that has settled would. */
    private static function isLeftToStabiliser(Situation $situation): bool
    {
        [$alone, $time] = [$situation->unsteadiedLimit(), $situation->record->exposure->exposureTime];

        return $situation->stabiliserStops() > 0.0 && $alone !== null && $time !== null
            && $alone->roomFor($time->exact)->value < 0;
    }
}
