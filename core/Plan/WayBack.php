<?php

declare(strict_types=1);

namespace TruePupil\Core\Plan;

use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Kit\Support;

/** What is done in the dark before one leaves: to the camera, to the place, to whoever waits at home. */
final class WayBack
{
    /** Below this light, in EV at ISO 100, what lies on the ground is not seen: a street under few lamps. */
    public const DARK = 3.0;

    /**
     * Null where it is light enough to see what is left behind.
     *
     * @param  ?Support  $support  that was planned
     * @param  Iso  $base  of the body
     * @return ?list<string> in the order in which it is done
     */
    public static function of(Ev100 $light, ExposureSettings $planned, ?Support $support, Iso $base): ?array
    {
        if ($light->value >= self::DARK) {
            return null;
        }

        return array_values(array_filter([
            'Look at the last frame magnified: is it sharp, are lamps and stars as you meant them?',
            $planned->iso->exact > $base->exact
                ? sprintf('%s back to %s, or to automatic', $planned->iso, $base)
                : null,
            'Focus back to automatic, the mode and the self-timer to what you use by day',
            $support === Support::Tripod ? 'Stabiliser on again; tripod, plate and remote release in the bag' : null,
            'Count what you brought: cap, card, battery, filters, torch',
            'A last look around with the torch: nothing left behind, gates and doors as they were',
            'The way that you came by, not the short one that you have not seen by day',
            'Tell whoever knows where you are that you are on your way',
        ]));
    }
}
