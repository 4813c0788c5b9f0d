<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Intent\MeantTone;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** A picture declared dark, bright or a silhouette: whether its outline reads and the tones hold that it is about. */
#[Declared('exposure.meant-tone', Topic::Exposure)]
final class ToneMeant extends FindingRule
{
    /** A silhouette is at least so dark, stops from mid-grey. */
    private const OUTLINE_DARK = -2.0;

    /** And at least so much darker than the frame round it, stops. */
    private const OUTLINE_STEP = 2.0;

    /** A dark picture keeps something that shines: its brightest twentieth, stops. */
    private const SHINES = -1.0;

    /** And a bright one keeps its subject: lost there, %. */
    private const KEPT_PCT = 5.0;

    public function needs(): array
    {
        return [Need::Subject];
    }

    public function judge(Situation $situation): ?Finding
    {
        $meant = $situation->statement->intent->tone;
        $subject = $situation->measures->subject;
        if ($meant === null || $subject === null) {
            return null;
        }
        $brightest = $situation->measures->brightestTwentieth();
        $step = $situation->measures->metering['scene'] - $subject->tone->meanStops;
        [$holds, $good, $bad, $evidence] = match ($meant) {
            MeantTone::Silhouette => [
                $subject->tone->meanStops <= self::OUTLINE_DARK && $step >= self::OUTLINE_STEP,
                'The silhouette reads: the subject is dark, and its outline stands before something bright.',
                $step < self::OUTLINE_STEP
                    ? 'The silhouette does not stand out: what lies round it is hardly brighter. Move until the '.
                        'brightest part of the light lies behind it.'
                    : 'For a silhouette the subject is still bright: meter the bright part behind it, and let the '.
                        'subject go.',
                new Evidence('subject under the frame', $step, 'stops', self::OUTLINE_STEP, $step - self::OUTLINE_STEP),
            ],
            MeantTone::LowKey, MeantTone::Darker, MeantTone::AsSeen => [
                $brightest >= self::SHINES,
                'Dark, as it was meant, and what it is about still shines.',
                'Even in a dark picture something should shine: nothing here comes near mid-grey. A little more '.
                    'light, or a brighter place for the subject, keeps it dark and lets it be seen.',
                new Evidence(
                    'brightest twentieth',
                    $brightest,
                    'stops',
                    self::SHINES,
                    $brightest - self::SHINES,
                ),
            ],
            MeantTone::HighKey, MeantTone::Brighter => [
                max($subject->own()->lostHighlightsPctByChannel) <= self::KEPT_PCT,
                'Bright, as it was meant, and the subject keeps its tones.',
                'Bright was meant, but the subject itself is lost in places: a little less light keeps the picture '.
                    'bright and the subject whole.',
                new Evidence(
                    'lost in the subject',
                    max($subject->own()->lostHighlightsPctByChannel),
                    '%',
                    self::KEPT_PCT,
                    self::KEPT_PCT - max($subject->own()->lostHighlightsPctByChannel),
                ),
            ],
        };

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: $holds ? Severity::Praise : Severity::Weakness,
            sentence: $holds ? $good : $bad,
            evidence: [$evidence],
            source: 'What was declared, and the tones measured.',
        );
    }
}
