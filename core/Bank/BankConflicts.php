<?php

declare(strict_types=1);

namespace TruePupil\Core\Bank;

use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Kit\BodyLimits;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\FocusMode;
use TruePupil\Core\Metering\MeteringPattern;

/** Combinations in a bank that cannot work, or do not do what they seem to. */
final readonly class BankConflicts
{
    /** Longer than this nobody holds a camera still by habit alone. */
    private const LONG = 0.5;

    /** Half a click of a dial in thirds: engraved times are rounded. */
    private const HALF_CLICK = 2 ** (1 / 6);

    /** ISO ends are named roughly. */
    private const ABOUT = 1.1;

    private function __construct(private Bank $bank, private BodyLimits $body)
    {
    }

    /** @return list<string> each in one sentence, what to change last */
    public static function of(Bank $bank, BodyLimits $body): array
    {
        $conflicts = new self($bank, $body);

        return array_values([
            ...$conflicts->flash(),
            ...$conflicts->automaticIso(),
            ...$conflicts->unused(),
            ...$conflicts->beyondTheBody(),
            ...$conflicts->focus(),
            ...$conflicts->stabiliser(),
            ...$conflicts->drive(),
        ]);
    }

    /** @return iterable<string> */
    private function flash(): iterable
    {
        if (! $this->bank->exposure->flash) {
            return;
        }
        $time = $this->bank->time();
        if ($this->bank->handling->silent) {
            yield 'A flash with the silent electronic shutter: the sensor is read line by line, and the flash lights '.
                'some of them or none. Take the mechanical shutter.';
        } elseif (
            $this->body->flashSync !== null && $time !== null &&
            $time->exact < $this->body->flashSync / self::HALF_CLICK
        ) {
            yield sprintf(
                '%s is shorter than the flash sync time of %s: part of the frame stays dark. Set %2$s or longer.',
                $time,
                ExposureTime::of($this->body->flashSync),
            );
        }
    }

    /** @return iterable<string> */
    private function automaticIso(): iterable
    {
        $exposure = $this->bank->exposure;
        if (
            $exposure->mode === ExposureMode::ManualAutoIso && $exposure->compensation === 0.0 &&
            ! $this->bank->kind->letsIsoFollow() && $exposure->metering !== MeteringPattern::Spot
        ) {
            yield 'Manual with automatic ISO: whatever you set, the camera brings the picture back to what its meter '.
                'wants. Check that your body takes compensation here, or set ISO by hand when the meter is fooled.';
        }
        if ($exposure->mode === ExposureMode::Manual && $exposure->iso === null) {
            yield 'Manual asks for an ISO of your own; automatic ISO makes it another mode. Give it a value, or store '.
                'it as manual with automatic ISO.';
        }
        if ($exposure->mode === ExposureMode::Bulb && $exposure->iso === null) {
            yield 'In bulb nothing is metered, so that automatic ISO has nothing to follow. Give ISO a value.';
        }
    }

    /** @return iterable<string> what is stored and not used in this mode */
    private function unused(): iterable
    {
        $mode = $this->bank->exposure->mode;
        $byHand = [ExposureMode::Manual, ExposureMode::ManualAutoIso, ExposureMode::Bulb];
        if ($this->bank->exposure->fNumber !== null && ! in_array($mode, [...$byHand, ExposureMode::Aperture], true)) {
            yield sprintf('In %s the camera chooses the aperture: the stored one is not used.', $mode->label());
        }
        if ($this->bank->time() !== null && ! in_array($mode, [...$byHand, ExposureMode::Shutter], true)) {
            yield sprintf('In %s the camera chooses the time: the stored one is not used.', $mode->label());
        }
        if (! $mode->takesCompensation() && abs($this->bank->exposure->compensation) > 1e-6) {
            yield sprintf('In %s compensation changes nothing but the meter scale.', $mode->label());
        }
    }

    /** @return iterable<string> */
    private function beyondTheBody(): iterable
    {
        [$time, $iso, $body] = [$this->bank->time(), $this->bank->exposure->iso, $this->body];
        $fastest = $body->fastestWith($this->bank->handling->silent);
        if (
            $time !== null && $this->bank->exposure->mode !== ExposureMode::Bulb &&
            ($time->exact < $fastest / self::HALF_CLICK || $time->exact > $body->slowest * self::HALF_CLICK)
        ) {
            yield sprintf(
                'The body sets no %s: it goes from %s to %s.',
                $time,
                ExposureTime::of($fastest),
                ExposureTime::of($body->slowest),
            );
        }
        if ($iso !== null && ($iso < $body->isoMin / self::ABOUT || $iso > $body->isoMax * self::ABOUT)) {
            yield sprintf(
                'The body sets no %s: it goes from %s to %s.',
                Iso::of($iso),
                Iso::of($body->isoMin),
                Iso::of($body->isoMax),
            );
        }
        $highest = $this->bank->range->iso;
        if ($highest !== null && $highest > $body->isoMax * self::ABOUT) {
            yield sprintf('The range goes up to %s; the body ends at %s.', Iso::of($highest), Iso::of($body->isoMax));
        }
    }

    /** @return iterable<string> */
    private function focus(): iterable
    {
        $handling = $this->bank->handling;
        if ($handling->area === FocusArea::Tracking && $handling->focus !== FocusMode::Continuous) {
            yield 'A focus area that follows its subject needs continuous focus.';
        }
        if (($handling->detection ?? '') !== '' && $handling->focus === FocusMode::Manual) {
            yield 'Focus by hand looks for no subject: detection is not used.';
        }
    }

    /** @return iterable<string> */
    private function stabiliser(): iterable
    {
        $time = $this->bank->time();
        if ($this->bank->handling->stabiliser === true && $time !== null && $time->exact >= self::LONG) {
            yield sprintf(
                'The stabiliser is on at %s, which is a time for a tripod: there it can wander. Switch it off.',
                $time,
            );
        }
    }

    /** @return iterable<string> */
    private function drive(): iterable
    {
        [$handling, $exposure] = [$this->bank->handling, $this->bank->exposure];
        if ($handling->drive === 'continuous' && $handling->focus === FocusMode::Single) {
            yield 'Continuous drive with focus that is set once: from the second frame on a moving subject is out of '.
                'focus. Take continuous focus.';
        }
        if ($exposure->mode === ExposureMode::Bulb && $handling->drive === 'continuous') {
            yield 'Bulb and continuous drive: each press is one frame.';
        }
        if ($handling->drive === 'composite' && $exposure->flash) {
            yield 'Several exposures in one file, and a flash: it fires for one of them or for none. Light that is '.
                'always there, or single frames.';
        }
        if ($handling->drive === 'before-press' && ! $handling->silent) {
            yield 'Frames from before the press are read from the sensor while it waits: only the electronic shutter '.
                'can do that. Switch it to silent.';
        }
        if ($handling->drive === 'before-press' && $exposure->flash) {
            yield 'Frames from before the press have no flash: nothing tells it when. Leave it off.';
        }
    }
}
