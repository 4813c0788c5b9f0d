<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Checks\Measures\SubjectPlacementError;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Measures\ExposureVerdict;
use TruePupil\Core\Retake\PlacementAdviser;
use TruePupil\Core\Situation\Situation;

/** A picture far too dark or too bright, where no brief says how bright its subject should be. */
#[Declared('exposure.far-off', Topic::Exposure, contradictedBy: [SubjectPlacementError::class])]
final class ExposureFarOff extends FindingRule
{
    /** EV100 of streets at night; lit rooms are brighter. */
    private const NIGHT = 4.0;

    public function needs(): array
    {
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        $verdict = $situation->placementError() === null ? $situation->exposureVerdict() : null;
        if ($verdict === null) {
            return null;
        }
        $isBright = $verdict->error->value > 0;
        $tone = $verdict->isOfSubject ? $situation->measures->subject->tone ?? null : null;
        $tone ??= $situation->measures->tone;
        if (! $isBright && ! $verdict->isOfSubject && $this->isNight($situation)) {
            return $this->asked($situation);
        }
        $stops = $situation->onDial(Stops::of(abs($verdict->error->value)));

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: $verdict->isOfSubject || $isBright ? Severity::Fault : Severity::Weakness,
            sentence: sprintf(
                '%s too %s by about %s%s. Meant so, it is no fault: that can be declared with what the picture is to '.
                    'show.',
                $verdict->isOfSubject ? 'The subject is' : 'The picture is',
                $isBright ? 'bright' : 'dark',
                $stops->inWords(),
                match (true) {
                    $isBright => ', or more: what is lost cannot be counted',
                    $verdict->isOfSubject => ', counted from mid-grey',
                    $tone->p99Stops > 0.0 => ': hardly anything in it is as bright as mid-grey',
                    default => ': even its brightest parts do not reach mid-grey',
                },
            ),
            evidence: $isBright
                ? [
                    new Evidence(
                        'lost in some channel',
                        max($tone->lostHighlightsPctByChannel),
                        '%',
                        $verdict->isOfSubject ? ExposureVerdict::SUBJECT_LOST_PCT : ExposureVerdict::LOST_PCT,
                    ),
                ]
                : [
                    $verdict->isOfSubject
                        ? new Evidence('subject', $tone->meanStops, 'stops', ExposureVerdict::SUBJECT_DARK)
                        : new Evidence(
                            'brightest twentieth',
                            $situation->measures->brightestTwentieth(),
                            'stops',
                            ExposureVerdict::BRIGHTEST,
                        ),
                ],
            source: 'Limits from photographs judged by eye; nothing is said of what lies between.',
            suggestion: (new PlacementAdviser())->suggest($situation)[0] ?? null,
            confidence: $verdict->isOfSubject || $isBright ? null : 0.7,
        );
    }

    /** Whether its settings tell of a light in which things are dark by themselves. */
    private function isNight(Situation $situation): bool
    {
        return ($situation->record->settings()?->ev100()->value ?? INF) < self::NIGHT;
    }

    private function asked(Situation $situation): Finding
    {
        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Choice,
            sentence: 'Is it as dark as you wanted it? Hardly anything in it is as bright as mid-grey. Of a night '.
                'that may be right; what you want to be seen in it needs more light.',
            evidence: [
                new Evidence(
                    'brightest twentieth',
                    $situation->measures->brightestTwentieth(),
                    'stops',
                    ExposureVerdict::BRIGHTEST,
                ),
            ],
            source: 'Limits from photographs judged by eye; nothing is said of what lies between.',
            confidence: 0.6,
        );
    }
}
