<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Checks\Measures\FocusSubjectRatio;
use TruePupil\Core\Checks\Measures\FocusSubjectSharpness;
use TruePupil\Core\Composition\PlaceName;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Thresholds;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Focus\AreaFocus;
use TruePupil\Core\Focus\FocusMeasures;
use TruePupil\Core\Focus\Smear;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** Whether the marked subject is the sharpest part of the picture. */
#[Declared(
    'focus.on-subject',
    Topic::Focus,
    contradictedBy: [FocusSubjectSharpness::class, FocusSubjectRatio::class],
)]
final class FocusOnSubject extends FindingRule
{
    /** Of all that lies outside the subject, the share that may be crisp where the subject stands out. */
    private const SOFT_ROUND = 0.2;

    /** Stops beyond what hands hold from which a sharp subject is doubted rather than praised. */
    private const SHAKEN = 1.0;

    /** % of the frame from which a subject leaves no surroundings to stand out from. */
    private const FILLS = 60.0;

    /** Sharpness of a subject up to which it is asked about where nothing else is crisp: 1.5 pixels of 1600. */
    private const ASKED = 0.47;

    private const NOWHERE_CRISP = 0.85;

    public function needs(): array
    {
        return [Need::FocusMap, Need::Subject];
    }

    public function judge(Situation $situation): ?Finding
    {
        $focus = $situation->measures->focus;
        $subject = $focus?->subject;
        if (
            $focus === null ||
            $subject === null ||
            $focus->confidence < Thresholds::FOCUS_CONFIDENCE ||
            // What is soft everywhere is another finding.
            $focus->smear !== null ||
            ($focus->sharpness ?? 0.0) < Thresholds::SOFT
        ) {
            return null;
        }
        if ($subject->sharpness >= Thresholds::SHARP) {
            return $subject->crisp >= Thresholds::CRISP_SHARE ? $this->held($situation, $focus, $subject) : null;
        }
        // A subject that is to streak or to flow is soft by intention.
        $look = $situation->statement->intent->movement?->want;
        if ($subject->sharpness >= Thresholds::SUBJECT_SOFT && $subject->sharpness < self::ASKED
            && $focus->sharpness < self::NOWHERE_CRISP && $look === null) {
            return $this->asked($focus, $subject);
        }
        if (
            $subject->sharpness >= Thresholds::SUBJECT_SOFT ||
            in_array($look, [MovementLook::Streak, MovementLook::Silk], true)
        ) {
            return null;
        }

        return $this->missed($situation, $focus, $subject);
    }

    /** That a whole landscape is sharp is no news: praise is for a subject that stands out by its sharpness. */
    private function held(Situation $situation, FocusMeasures $focus, AreaFocus $subject): ?Finding
    {
        $region = $situation->measures->subject?->region;
        $time = $situation->record->exposure->exposureTime;
        $room = $time === null ? null : $situation->handHeldLimit()?->roomFor($time->exact)->value;
        if (
            $region === null || $region->sharePct() > self::FILLS ||
            ($focus->crispShareOutside($region) ?? 1.0) > self::SOFT_ROUND ||
            ($room !== null && $room < -self::SHAKEN)
        ) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: Topic::Focus,
            severity: Severity::Praise,
            sentence: 'The subject is crisp, and what lies round it is soft or plain: it stands out.',
            evidence: [$this->evidence($subject, Thresholds::SHARP)],
            source: FocusMeasures::METHOD,
            confidence: $focus->confidence,
        );
    }

    private function asked(FocusMeasures $focus, AreaFocus $subject): Finding
    {
        return new Finding(
            id: $this->id(),
            topic: Topic::Focus,
            severity: Severity::Choice,
            sentence: 'Is the subject as crisp as you wanted it? It is a little soft, and nothing round it is much '.
                'crisper: look at it large on the screen.',
            evidence: [$this->evidence($subject, self::ASKED)],
            source: FocusMeasures::METHOD,
            confidence: 0.6 * $focus->confidence,
        );
    }

    private function missed(Situation $situation, FocusMeasures $focus, AreaFocus $subject): Finding
    {
        $time = $situation->record->exposure->exposureTime;

        return new Finding(
            id: $this->id(),
            topic: $subject->moved === null ? Topic::Focus : Topic::Movement,
            severity: $subject->sharpness < Thresholds::SUBJECT_LOST ? Severity::Fault : Severity::Weakness,
            sentence: $subject->moved === null
                ? $this->why($situation, $focus)
                : sprintf(
                    'The subject is blurred %s and not the other way: it moved%s. A shorter time holds it.',
                    Smear::way($subject->moved),
                    $time === null ? '' : sprintf(' during %s', $time),
                ),
            evidence: [$this->evidence($subject, Thresholds::SUBJECT_SOFT)],
            source: FocusMeasures::METHOD,
            confidence: $focus->confidence,
        );
    }

    /** What is known of the reason: the record of the focus point, else where the sharpest part lies. */
    private function why(Situation $situation, FocusMeasures $focus): string
    {
        $point = $situation->record->handling->focusPoint;
        $region = $situation->measures->subject?->region;
        if ($point !== null && $region !== null) {
            return $region->holds($point->x, $point->y)
                ? 'The subject is soft although the camera focused on it: it moved, or you did, after the focus was '.
                    'found, or it was nearer than the lens goes. Focus anew just before you press.'
                : sprintf(
                    'The subject is soft: the camera focused in the %s, beside it. Choose the focus point yourself '.
                        'and put it on the subject.',
                    PlaceName::of($point->x, $point->y),
                );
        }

        return sprintf(
            'The subject is soft; the sharpest part lies in the %s. Put the focus point on the subject, and check it '.
                'large on the screen before you leave.',
            PlaceName::of($focus->sharpest['x'] ?? 0.5, $focus->sharpest['y'] ?? 0.5),
        );
    }

    private function evidence(AreaFocus $subject, float $limit): Evidence
    {
        return new Evidence(
            'sharpness of the subject',
            100 * $subject->sharpness,
            '%',
            100 * $limit,
            100 * ($subject->sharpness - $limit),
        );
    }
}
