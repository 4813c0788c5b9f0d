<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Approach\Exposing;
use TruePupil\Core\Checks\Measures\RawHeadroomStops;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\SensorRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Situation;

/** Highlights that the camera's own rendering shows as lost, and its raw file still holds. */
#[Declared('raw.holds-more', Topic::Tone, contradictedBy: [RawHeadroomStops::class])]
final class RawHoldsMore extends SensorRule
{
    /** % of the frame, and of a subject, from which a loss in the preview is worth a word. */
    private const FRAME_PCT = 1.0;

    private const SUBJECT_PCT = 1.5;

    /** Of what the preview lost, as much as the raw file may have lost as well. */
    private const SHARED = 0.25;

    public function needs(): array
    {
        // Nobody is asked for a raw file who handed in another.
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        [$raw, $tone, $subject] = [
            $situation->measures->raw(),
            $situation->measures->tone,
            $situation->measures->subject,
        ];
        $ofSubject = $subject?->own()->lostHighlightsPct ?? 0.0;
        $isOfSubject = $ofSubject >= self::SUBJECT_PCT;
        $shown = $isOfSubject ? $ofSubject : $tone->lostHighlightsPct;
        $lost = ($isOfSubject ? $raw?->subject : $raw?->frame)?->lostPct() ?? 100.0;
        $held = $raw?->heldBeyond($tone);
        if ($held === null || $shown < self::FRAME_PCT || $lost > self::SHARED * $shown) {
            return null;
        }
        $isMeant = $situation->approach->light->exposing === Exposing::ToTheRight;

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: $isMeant ? Severity::Praise : Severity::Choice,
            sentence: sprintf(
                'The camera\'s preview shows %.1f %% of the %s as lost; the raw file still holds %s above that white. '.
                    'Develop it darker, and these tones are there.',
                $shown,
                $isOfSubject ? 'subject' : 'frame',
                Stops::of($held)->inWords(),
            ),
            evidence: [
                new Evidence('lost in the preview', $shown, '%'),
                new Evidence('lost in the raw file', $lost, '%', self::SHARED * $shown, self::SHARED * $shown - $lost),
                new Evidence('held above the preview\'s white', $held, 'stops'),
            ],
            source: 'Each channel of the sensor counted against its end; the preview\'s white against the tone of the '.
                'raw file that as many places reach.',
        );
    }
}
