<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Checks\Measures\RecordMetering;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Thresholds;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** A metering pattern that led the exposure astray where another would have been right. */
#[Declared('mode.metering-unsuited', Topic::Mode, contradictedBy: [RecordMetering::class])]
final class MeteringUnsuited extends FindingRule
{
    public function needs(): array
    {
        return [Need::Subject, Need::Placement, Need::Mode];
    }

    public function judge(Situation $situation): ?Finding
    {
        $error = $situation->placementError();
        $verdicts = $situation->measures->metering;
        $used = $situation->record->exposure->metering->value;
        if (
            $error === null ||
            ! $situation->record->exposure->mode->followsTheMeter() ||
            ! array_key_exists($used, $verdicts) ||
            abs($error->value) < 0.5
        ) {
            return null;
        }
        $compensation = $situation->record->exposure->compensation ?? 0.0;
        $wanted = $situation->assignment->wanted->stops->value ?? 0.0;
        // Where each pattern would have put the subject: it renders its own reading as mid-grey.
        $placed = array_map(fn (float $verdict): float => $error->value + $wanted - $verdict + $compensation,
            $verdicts);
        $misses = array_map(fn (float $place): float => abs($place - $wanted), $placed);
        asort($misses);
        $best = array_key_first($misses);
        if ($best === $used || $misses[$used] - $misses[$best] < Thresholds::PATTERNS_DIFFER) {
            return null;
        }
        $names = [
            'scene' => 'the whole scene',
            'centre' => 'centre-weighted',
            'spot' => 'a spot on the subject',
            'highlight' => 'the highlights',
        ];

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Choice,
            sentence: sprintf(
                'Measured by %s this subject came out %s too %s; by %s, with the same compensation, it would have '.
                    'missed by %s. The other patterns said: %s.',
                $names[$used],
                $error->inWords(),
                $error->value > 0 ? 'bright' : 'dark',
                $names[$best],
                Stops::of($misses[$best])->inWords(),
                implode(
                    ', ',
                    array_map(
                        fn (string $pattern, float $verdict): string => $pattern.' '.Stops::of($verdict)->signed(),
                        array_keys($verdicts),
                        $verdicts,
                    ),
                ),
            ),
            evidence: array_map(
                fn (string $pattern, float $miss): Evidence => new Evidence(
                    'missed by '.$names[$pattern],
                    $miss,
                    'stops',
                ),
                array_keys($misses),
                $misses,
            ),
            source: 'Each pattern\'s own weighting of the picture; a meter renders what it reads as mid-grey.',
            confidence: 0.7,
        );
    }
}
