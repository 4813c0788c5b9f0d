<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings;

use TruePupil\Core\Brief\Approach;
use TruePupil\Core\Brief\Placement;
use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Measure\Measures;
use TruePupil\Core\Motion\HandHeldLimit;

/** All that is known of one frame when it is judged. What follows from several parts is worked out here, once. */
final readonly class Situation
{
    /** Used where no kit says otherwise: the base ISO of most bodies. */
    public const TYPICAL_BASE_ISO = 100.0;

    public function __construct(
        public CaptureRecord $record,
        public Measures $measures,
        public Approach $approach,
        /** Where the brief wants the subject. */
        public ?Placement $wanted = null,
        public ?Iso $baseIso = null,
    ) {
    }

    public function baseIso(): Iso
    {
        return $this->baseIso ?? Iso::of(self::TYPICAL_BASE_ISO);
    }

    /** How far the subject lies from where the brief wants it; positive is too bright. */
    public function placementError(): ?Stops
    {
        $subject = $this->measures->subject;

        return $subject === null || $this->wanted === null ? null : $subject->placement()->minus($this->wanted->stops);
    }

    /** The light that the subject offered: the settings' EV100 corrected by where its tone fell. */
    public function subjectLight(): ?Ev100
    {
        $settings = $this->record->settings();
        $subject = $this->measures->subject;

        return $settings === null || $subject === null ? null : $settings->ev100()->plus($subject->placement());
    }

    /** The longest time that hands would hold, with what supported the camera; null on a tripod or when unknown. */
    public function handHeldLimit(): ?HandHeldLimit
    {
        $format = $this->record->format();
        $steadier = $this->record->support?->stopsSteadier();

        return $this->record->focalLength === null || $format === null || $steadier === null
            ? null
            : HandHeldLimit::of($this->record->focalLength, $format, $steadier);
    }

    /**
     * How far ISO could have come down without anything else suffering: by the room between the exposure time and the
     * hand-held limit, and never below base. On a tripod a still subject gives all the time there is.
     */
    public function isoSlack(): ?Stops
    {
        $iso = $this->record->iso;
        if ($iso === null || $this->record->support === null) {
            return null;
        }
        $aboveBase = $iso->stopsMoreThan($this->baseIso());
        if ($this->record->support->stopsSteadier() !== null) {
            $limit = $this->handHeldLimit();
            if ($limit === null || $this->record->exposureTime === null) {
                return null;
            }
            $aboveBase = Stops::of(min($aboveBase->value, $limit->roomFor($this->record->exposureTime->exact)->value));
        }

        return Stops::of(max(0.0, $aboveBase->value));
    }
}
