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
use TruePupil\Core\Findings\Thresholds;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Situation;

/** Room left above the brightest tones, which raw files turn into cleaner shadows. */
#[Declared('exposure.headroom-unused', Topic::Tone, contradictedBy: [RawHeadroomStops::class])]
final class HeadroomUnused extends SensorRule
{
    public function needs(): array
    {
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        $raw = $situation->measures->raw();
        $room = $raw?->frame->headroom() ?? $situation->measures->toneDetail()->headroomStops;
        $least = $raw === null ? Thresholds::HEADROOM : Thresholds::RAW_HEADROOM;
        // Rounded up, a step more would be one too many.
        $steps = $situation->increment()->perStop();
        $more = Stops::of(floor($steps * $room + 0.01) / $steps);
        if (
            $situation->approach->light->exposing !== Exposing::ToTheRight ||
            $situation->assignment->wanted !== null ||
            $room < $least
        ) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Choice,
            sentence: $raw === null
                ? sprintf(
                    'The brightest tones end %s below white. In raw, that much more exposure would have made the '.
                        'shadows cleaner, and could be taken back afterwards.',
                    Stops::of($room)->inWords(),
                )
                : sprintf(
                    'You could have given %s more: in the raw file the brightest tones end so far below what the '.
                        'sensor holds, and %s would be full first. The shadows would be cleaner for it.',
                    $more->inWords(),
                    $raw->frame->first(),
                ),
            evidence: [
                new Evidence(
                    'room above the brightest thousandth',
                    $room,
                    'stops',
                    $least,
                    $least - $room,
                ),
            ],
            source: $raw === null
                ? 'The brightest thousandth of all pixels against white.'
                : 'The brightest thousandth of each channel of the sensor against its end.',
            otherView: 'Others expose for the look of the picture itself, and take dark scenes dark.',
        );
    }
}
