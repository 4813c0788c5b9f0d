<?php

declare(strict_types=1);

namespace TruePupil\Core\Bank;

use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Kit\BodyLimits;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\FocusMode;

/** Combinations in a bank that cannot work, or do not do what they seem to. */
final class BankConflicts
{
    /** Longer than this nobody holds a camera still by habit alone. */
    private const LONG = 0.5;

    /** @return list<string> each in one sentence, what to change last */
    public static function of(Bank $bank, BodyLimits $body): array
    {
        $found = [];
        [$time, $iso] = [$bank->time(), $bank->exposure->iso];
        if ($bank->exposure->flash && $bank->handling->silent) {
            $found[] =
                'A flash with the silent electronic shutter: the sensor is read line by line, and the flash lights '.
                'some of them or none. Take the mechanical shutter.';
        }
        if (
            $bank->exposure->flash &&
            $body->flashSync !== null &&
            $time !== null &&
            ! $bank->handling->silent &&
            $time->exact < $body->flashSync * 2 ** (-1 / 6)
        ) {
            $found[] = sprintf(
                '%s is shorter than the flash sync time of %s: part of the frame stays dark. Set %2$s or longer.',
                $time,
                ExposureTime::of($body->flashSync),
            );
        }
        if (
            $bank->exposure->mode === ExposureMode::ManualAutoIso &&
            $bank->exposure->compensation === 0.0 &&
            ! $bank->kind->letsIsoFollow() &&
            $bank->exposure->metering !== \TruePupil\Core\Metering\MeteringPattern::Spot
        ) {
            $found[] =
                'Manual with automatic ISO: whatever you set, the camera brings the picture back to what its meter '.
                'wants. Check that your body takes compensation here, or set ISO by hand when the meter is '.
                'fooled.';
        }
        if ($bank->exposure->mode === ExposureMode::Manual && $iso === null) {
            $found[] =
                'Manual asks for an ISO of your own; automatic ISO makes it another mode. Give it a value, or store '.
                'it as manual with automatic ISO.';
        }
        if ($bank->exposure->mode === ExposureMode::Bulb && $iso === null) {
            $found[] = 'In bulb nothing is metered, so that automatic ISO has nothing to follow. Give ISO a value.';
        }
        if (
            ! in_array(
                $bank->exposure->mode,
                [ExposureMode::Manual, ExposureMode::ManualAutoIso, ExposureMode::Bulb, ExposureMode::Aperture],
                true,
            ) &&
            $bank->exposure->fNumber !== null
        ) {
            $found[] = sprintf(
                'In %s the camera chooses the aperture: the stored one is not used.',
                $bank->exposure->mode->label(),
            );
        }
        if (
            ! in_array(
                $bank->exposure->mode,
                [ExposureMode::Manual, ExposureMode::ManualAutoIso, ExposureMode::Shutter, ExposureMode::Bulb],
                true,
            ) &&
            $time !== null
        ) {
            $found[] = sprintf(
                'In %s the camera chooses the time: the stored one is not used.',
                $bank->exposure->mode->label(),
            );
        }
        if (! $bank->exposure->mode->takesCompensation() && abs($bank->exposure->compensation) > 1e-6) {
            $found[] = sprintf(
                'In %s compensation changes nothing but the meter scale.',
                $bank->exposure->mode->label(),
            );
        }
        if (
            $time !== null &&
            ($time->exact < $body->fastestWith($bank->handling->silent) * 2 ** (-1 / 6) ||
                $time->exact > $body->slowest * 2 ** (1 / 6)) &&
            $bank->exposure->mode !== ExposureMode::Bulb
        ) {
            $found[] = sprintf(
                'The body sets no %s: it goes from %s to %s.',
                $time,
                ExposureTime::of($body->fastestWith($bank->handling->silent)),
                ExposureTime::of($body->slowest),
            );
        }
        if ($iso !== null && ($iso < $body->isoMin * 0.9 || $iso > $body->isoMax * 1.1)) {
            $found[] = sprintf(
                'The body sets no %s: it goes from %s to %s.',
                Iso::of($iso),
                Iso::of($body->isoMin),
                Iso::of($body->isoMax),
            );
        }
        $highest = $bank->range->iso;
        if ($highest !== null && $highest > $body->isoMax * 1.1) {
            $found[] = sprintf(
                'The range goes up to %s; the body ends at %s.',
                Iso::of($highest),
                Iso::of($body->isoMax),
            );
        }
        if ($bank->handling->area === FocusArea::Tracking && $bank->handling->focus !== FocusMode::Continuous) {
            $found[] = 'A focus area that follows its subject needs continuous focus.';
        }
        if ($bank->handling->stabiliser === true && $time !== null && $time->exact >= self::LONG) {
            $found[] = sprintf(
                'The stabiliser is on at %s, which is a time for a tripod: there it can wander. Switch it off.',
                $time,
            );
        }
        if ($bank->handling->drive === 'continuous' && $bank->handling->focus === FocusMode::Single) {
            $found[] =
                'Continuous drive with focus that is set once: from the second frame on a moving subject is out of '.
                'focus. Take continuous focus.';
        }
        if (
            $bank->handling->detection !== null &&
            $bank->handling->detection !== '' &&
            $bank->handling->focus === FocusMode::Manual
        ) {
            $found[] = 'Focus by hand looks for no subject: detection is not used.';
        }
        if ($bank->exposure->mode === ExposureMode::Bulb && $bank->handling->drive === 'continuous') {
            $found[] = 'Bulb and continuous drive: each press is one frame.';
        }

        return $found;
    }
}
