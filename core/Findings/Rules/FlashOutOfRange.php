<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Adviser\FlashAdvice;
use TruePupil\Core\Exposure\FlashReach;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Kit\Flash;
use TruePupil\Core\Optics\Metres;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** A subject that stayed dark, beyond what the flash reaches at this aperture and ISO. */
#[Declared('flash.out-of-range', Topic::Flash)]
final class FlashOutOfRange extends FindingRule
{
    private const LIMIT = 1 / 3;

    /** Stops from mid-grey from which something is lit, by whatever light. */
    private const LIT = -1.0;

    public function needs(): array
    {
        return [Need::Settings, Need::Kit, Need::Distance];
    }

    public function judge(Situation $situation): ?Finding
    {
        [$settings, $kit, $distance] = [
            $situation->record->settings(),
            $situation->kit,
            $situation->focusDistance(),
        ];
        $flash = $kit?->flash;
        if (
            $situation->record->exposure->flashFired !== true ||
            $settings === null ||
            $flash === null ||
            $distance === null ||
            // Where it stood for this frame nobody said.
            $flash->place !== null
        ) {
            return null;
        }
        $lost = $flash->highSpeedSync ? Flash::lostAt($settings->time->exact, $kit->body->limits->syncTime()) : 0.0;
        $reach = 2 ** (-$lost / 2) *
            FlashReach::of($flash->guideNumber, $settings->aperture->exact, $settings->iso->exact)->metres;
        // Light falls with the square of the distance.
        $short = Stops::of(2 * log($distance / $reach, 2));
        if ($short->value <= self::LIMIT || $this->mayFill($situation, $short->value)) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Fault,
            sentence: sprintf(
                'At %s and %s your flash reaches %s%s, and the subject stands at %s: %s short. Open up, raise ISO, or '.
                    'go nearer.',
                $settings->aperture,
                $settings->iso,
                Metres::text($reach),
                $lost > 0.0 ? ', with what high-speed sync takes' : '',
                Metres::text($distance),
                $short->inWords(),
            ),
            evidence: [new Evidence('distance', $distance, 'm', $reach, -$short->value, 'stops')],
            source: 'Guide number × √(ISO/100) / f-number, at full power; the subject is dark, or was not marked.',
        );
    }

    /** As fill it is meant to give less than the surroundings: what is lit is no fault of its reach. */
    private function mayFill(Situation $situation, float $short): bool
    {
        $subject = $situation->measures->subject;

        return $subject === null
            ? $short <= self::LIMIT - FlashAdvice::FILL
            : $subject->placement()->value >= self::LIT;
    }
}
