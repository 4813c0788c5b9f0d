<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Adviser\FlashAdvice;
use TruePupil\Core\Checks\CheckBounds;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Thresholds;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Kit\Flash;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** A face or eyes much darker than the picture round them. */
#[Declared('tone.dark-face', Topic::Tone)]
final class DarkFace extends FindingRule
{
    public function needs(): array
    {
        return [Need::Subject];
    }

    public function judge(Situation $situation): ?Finding
    {
        [$subject, $people] = [$situation->measures->subject, $situation->measures->claims->people];
        // A face that was found is known better than a rectangle round somebody.
        $person = $people?->largeFaces()[0][1]->stops ?? (
            $situation->statement->intent->contents->person ? $subject?->placement()->value : null
        );
        if ($person === null) {
            return null;
        }
        $darker = $situation->measures->tone->meanStops - $person;
        if ($darker < Thresholds::DARK_FACE) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Weakness,
            sentence: sprintf(
                'The person is %s darker than the picture round them. Turn them towards the light, expose for the '.
                    'face, or lift it with a pale surface%s.',
                Stops::of($darker)->inWords(),
                self::flash($situation),
            ),
            evidence: [
                new Evidence(
                    'person against the picture',
                    -$darker,
                    'stops',
                    -Thresholds::DARK_FACE,
                    Thresholds::DARK_FACE - $darker,
                ),
            ],
            source: 'Mean luminance of the face that was found, or of the mark, against that of the whole picture.',
        );
    }

    /** What of a flash: whether the one at hand would have reached as fill; nothing where the brief wants none. */
    private static function flash(Situation $situation): string
    {
        $other = '; a flash only where it disturbs nobody';
        if (! CheckBounds::of($situation->assignment->brief, $situation->assignment->row)->allowsFlash) {
            return '';
        }
        [$flash, $body] = [$situation->kit?->flash, $situation->kit?->body];
        [$settings, $distance] = [$situation->record->settings(), $situation->focusDistance()];
        if (
            $flash === null || $body === null || $settings === null || $distance === null ||
            $situation->record->exposure->flashFired !== false
        ) {
            return $other;
        }
        $sync = $body->limits->syncTime();
        $isFaster = Flash::lostAt($settings->time->exact, $sync) > 0.0;
        // Without high-speed sync the longer time is paid for by aperture or ISO, and the flash pays with it.
        $lost = $isFaster && ! $flash->highSpeedSync
            ? log($sync / $settings->time->exact, 2)
            : Flash::lostAt($settings->time->exact, $sync);
        $spare = $flash->stopsToSpare($settings->aperture->exact, $distance, $settings->iso->exact, $lost) -
            FlashAdvice::FILL;
        if ($spare < 0.0) {
            return $other;
        }

        return $isFaster && ! $flash->highSpeedSync
            ? sprintf(
                '; your flash would fill it too, at a time of %s or longer, where it disturbs nobody',
                ExposureTime::nearest($sync),
            )
            : '; your flash would fill it from there too, a stop and a half under the rest, where it disturbs nobody';
    }
}
