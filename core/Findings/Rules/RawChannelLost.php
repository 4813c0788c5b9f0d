<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Approach\Protects;
use TruePupil\Core\Checks\Measures\RawLostPct;
use TruePupil\Core\Checks\Measures\RawSubjectLostPct;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\SensorRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Situation;

/** A colour that the sensor itself lost, while the others are still there. */
#[Declared('raw.channel-lost', Topic::Tone, contradictedBy: [RawLostPct::class, RawSubjectLostPct::class])]
final class RawChannelLost extends SensorRule
{
    /** % of a subject, and of a frame without one: glints stay below. */
    private const SUBJECT_PCT = 1.5;

    private const FRAME_PCT = 3.0;

    public function needs(): array
    {
        // Nobody is asked for a raw file who handed in another.
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        $raw = $situation->measures->raw();
        [$part, $limit, $name] =
            $raw?->subject === null
                ? [$raw?->frame, self::FRAME_PCT, 'frame']
                : [$raw->subject, self::SUBJECT_PCT, 'subject'];
        // Where all are gone it is white, and another rule says so.
        if ($part === null || $part->lostPct() < $limit || $part->lostInAllPct() >= $limit) {
            return null;
        }
        $shares = $part->lostPctByChannel();
        $lost = array_keys(
            array_filter(
                ['red' => $shares['r'], 'green' => $shares['g'], 'blue' => $shares['b']],
                fn (float $share): bool => $share >= $limit,
            ),
        );
        $isProtected = $situation->approach->light->protects === Protects::Highlights;

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: $isProtected || $name === 'subject' ? Severity::Weakness : Severity::Choice,
            sentence: sprintf(
                'In %.1f %% of the %s %s gone for good: the sensor was full there, and no development of the raw file '.
                    'brings the colour back. Give less light until it is whole.',
                $part->lostPct(),
                $name,
                implode(' and ', $lost).(count($lost) === 1 ? ' is' : ' are'),
            ),
            evidence: [
                new Evidence(
                    sprintf('%s at the end of the sensor', $part->first()),
                    $part->lostPct(),
                    '%',
                    $limit,
                    $limit - $part->lostPct(),
                ),
            ],
            source: 'Each channel of the sensor counted against its end, in the raw file.',
        );
    }
}
