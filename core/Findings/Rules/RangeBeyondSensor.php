<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Approach\WideRange;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\SensorRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Kit\UsableRange;
use TruePupil\Core\Series\BracketLength;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** A scene with more range than the sensor holds at this ISO: how many frames hold it all. */
#[Declared('exposure.range-beyond-sensor', Topic::Exposure)]
final class RangeBeyondSensor extends SensorRule
{
    /** Stops between frames: what bodies commonly offer and what merges without seams. */
    private const STEP = 2;

    public function needs(): array
    {
        return [Need::Iso];
    }

    public function judge(Situation $situation): ?Finding
    {
        $scene = $situation->statement->intent->sceneStops;
        $iso = $situation->record->exposure->iso;
        $body = $situation->kit?->body;
        if ($scene === null || $iso === null || $situation->assignment->series !== null) {
            return null;
        }
        $usable = UsableRange::of($body, $iso);
        if ($scene <= $usable->value + 1 / 3) {
            return null;
        }
        $frames = BracketLength::frames($scene, $usable->value, self::STEP);
        [$advice, $other] = match ($situation->approach->light->wideRange) {
            WideRange::Bracket => [
                sprintf('A bracket of %d frames, %d stops apart, holds it.', $frames, self::STEP),
                'Others keep one frame, expose for the highlights and lift the shadows, or hold a graduated filter '.
                'against the sky.',
            ],
            WideRange::LiftedShadows => [
                'Expose for the highlights, in raw, and lift the shadows; what lies deeper than the sensor reaches '.
                'will be noise.',
                sprintf('Others take a bracket: %d frames, %d stops apart.', $frames, self::STEP),
            ],
            WideRange::GraduatedFilter => [
                sprintf(
                    'A graduated filter of %s brings the bright part in.',
                    Stops::of(max(1.0, $scene - $usable->value))->inWords(),
                ),
                sprintf('Others take a bracket: %d frames, %d stops apart.', $frames, self::STEP),
            ],
        };

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Weakness,
            sentence: sprintf(
                'The scene spans %s, and one frame at %s holds about %s of it. %s',
                Stops::of($scene)->inWords(),
                $iso,
                $usable->inWords(),
                $advice,
            ),
            evidence: [
                new Evidence('range of the scene', $scene, 'stops', $usable->value, $usable->value - $scene),
                new Evidence('frames of a bracket', (float) $frames),
            ],
            source: 'Full well against read noise of a typical sensor, two stops left for clean shadows.',
            otherView: $other,
        );
    }
}
