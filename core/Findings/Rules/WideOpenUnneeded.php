<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Retake\SameExposure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** The lens at its widest, where it is softest, though there was room to close it. */
#[Declared('depth.wide-open', Topic::Depth)]
final class WideOpenUnneeded extends FindingRule
{
    /** Stops of time that must be free before it is worth saying. */
    private const ROOM = 2.0;

    /** What a tripod counts as, in stops. */
    private const FREE_ON_TRIPOD = 5.0;

    /** From here on the widest aperture is not wide, f-number. */
    private const SLOW_LENS = 4.5;

    public function needs(): array
    {
        return [Need::Settings, Need::Support, Need::FocalLength, Need::Format];
    }

    public function judge(Situation $situation): ?Finding
    {
        [$settings, $widest] = [$situation->record->settings(), $situation->widest()];
        $intent = $situation->statement->intent;
        // Wide open for the sake of separation, stars or little light is what it is there for.
        if (
            $settings === null ||
            $widest === null ||
            $situation->hasOneAperture() ||
            $intent->asksForSeparation() ||
            $intent->contents->stars ||
            $settings->aperture->exact > $widest->exact * 1.03 ||
            $settings->aperture->exact >= self::SLOW_LENS
        ) {
            return null;
        }
        $limits = array_filter(
            [$situation->handHeldLimit()?->seconds, $situation->longestForMovement()],
            fn (?float $limit): bool => $limit !== null,
        );
        $room = $limits === [] ? self::FREE_ON_TRIPOD : log(min($limits) / $settings->time->exact, 2);
        if ($room < self::ROOM) {
            return null;
        }
        $better = Aperture::nearest($widest->exact * 2 ** 0.5);

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Choice,
            sentence: sprintf(
                'The lens was wide open at %s, where most are softest and focus is least forgiving, with %s of time '.
                    'to spare. If the soft background is not the point, %s would be crisper.',
                $settings->aperture,
                Stops::of(min($room, self::FREE_ON_TRIPOD))->inWords(),
                $better,
            ),
            evidence: [
                new Evidence('f-number', $settings->aperture->exact, '', $widest->exact, 0.0, 'stops'),
                new Evidence('time to spare', $room, 'stops', self::ROOM, $room - self::ROOM),
            ],
            source: 'Most lenses gain by closing a stop; the room is counted to the hand-held and movement limits.',
            suggestion: SameExposure::with(
                $situation,
                'a crisper picture',
                aperture: $better,
                time: ExposureTime::nearest(
                    $settings->time->exact * $settings->aperture->stopsMoreLightThan($better)->ratio(),
                ),
            ),
        );
    }
}
