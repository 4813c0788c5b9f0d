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
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** A cast in what should be neutral. */
#[Declared('colour.cast', Topic::Colour)]
final class ColourCast extends FindingRule
{
    public function needs(): array
    {
        return [Need::Colour];
    }

    public function judge(Situation $situation): ?Finding
    {
        $cast = $situation->measures->colour?->cast;
        if ($cast === null) {
            return null;
        }
        [$warm, $green] = [$cast['warm'], $cast['green']];
        $isGreen = abs($green) > abs($warm) / 2;
        $amount = $isGreen ? $green : $warm;
        if (abs($amount) < ($isGreen ? Thresholds::CAST / 2 : Thresholds::CAST)) {
            return null;
        }
        $handling = $situation->record->handling;
        $set = match (true) {
            $handling->whiteBalance === 'set' && $handling->kelvin !== null => sprintf(
                ' White balance was set to %d K.',
                $handling->kelvin,
            ),
            $handling->whiteBalance === 'set' => ' White balance was set by hand.',
            $handling->whiteBalance === 'auto' => ' The camera chose the white balance.',
            default => '',
        };
        $name = $isGreen ? ($green > 0 ? 'green' : 'magenta') : ($warm > 0 ? 'warm' : 'cold');

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Choice,
            sentence: sprintf(
                'What should be grey is %s by %.1f stop.%s If that is the light of the place, keep it; if not, set '.
                    'white balance by the light, or on something neutral.',
                $name,
                abs($amount),
                $set,
            ),
            evidence: [
                new Evidence(
                    $isGreen ? 'green against red and blue' : 'red against blue',
                    $amount,
                    'stops',
                    $isGreen ? Thresholds::CAST / 2 : Thresholds::CAST,
                    ($isGreen ? Thresholds::CAST / 2 : Thresholds::CAST) - abs($amount),
                ),
            ],
            source: 'The least saturated quarter of the mid-tones.',
            otherView: 'Others leave white balance to the camera, since raw can change it afterwards.',
            confidence: 0.6,
        );
    }
}
