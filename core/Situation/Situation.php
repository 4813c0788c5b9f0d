<?php

declare(strict_types=1);

namespace TruePupil\Core\Situation;

use TruePupil\Core\Adviser\Suggestion;
use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Brief\Brief;
use TruePupil\Core\Brief\Placement;
use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\LightLedger;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Intent\TimeBand;
use TruePupil\Core\Kit\BodyLimits;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Kit\Lens;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Measures\FrameMeasures;
use TruePupil\Core\Motion\HandHeldLimit;
use TruePupil\Core\Motion\StarTrail;
use TruePupil\Core\Motion\SubjectBlur;
use TruePupil\Core\Optics\DepthOfField;
use TruePupil\Core\Optics\SensorFormat;
use TruePupil\Core\Plan\Plan;
use TruePupil\Core\Raster\GreyGrid;
use TruePupil\Core\Series\Series;
use TruePupil\Core\Tone\ToneMeasures;

/** All that is known of one frame when it is judged. What follows from several parts is worked out here, once. */
final readonly class Situation
{
    /** Used where no kit says otherwise: the base ISO of most bodies. */
    public const TYPICAL_BASE_ISO = 100.0;

    /** Leaves in a light wind blur beyond about this time; a rule of thumb. */
    public const WIND_HOLDS = 1 / 125;

    /**
     * @param  list<CaptureRecord>  $earlier  what the same person took before, the latest last
     * @param  ?Series  $series
     *   the row that this frame is the last of; findings about a row are made once, with its last frame
     * @param  ?string  $fileFormat  such as JPEG
     */
    public function __construct(
        public CaptureRecord $record,
        public FrameMeasures $measures,
        public Approach $approach,
        /** Where the brief wants the subject. */
        public ?Placement $wanted = null,
        public ?Kit $kit = null,
        public Intent $intent = new Intent(),
        public ?Plan $plan = null,
        public ?Brief $brief = null,
        public ?Series $series = null,
        public array $earlier = [],
        public ?string $fileFormat = null,
        public ?string $colourSpace = null,
        /**
         * Why the picture is composed so, in the student's words; null where nobody was asked, empty where nothing was
         * said.
         */
        public ?string $reason = null,
        /** @var list<GreyGrid> thumbnails of the frames of the row, in its order */
        public array $rowPictures = [],
        /** @var list<ToneMeasures> tones of the frames of the row, in its order; empty while one is not measured */
        public array $rowTones = [],
        /** The row of the brief that this frame belongs to. */
        public ?string $row = null,
        /** Whether it belongs to a row and is not the last of it. */
        public bool $isWithinRow = false,
    ) {
    }

    public function baseIso(): Iso
    {
        return Iso::of($this->kit === null ? self::TYPICAL_BASE_ISO : $this->kit->body->limits->isoBase);
    }

    /** The lowest ISO that this course counts as clean. */
    public function lowestIso(): Iso
    {
        return $this->kit === null || $this->approach->lowestIso->valuesBaseIso()
            ? $this->baseIso()
            : Iso::of($this->kit->body->limits->isoMin);
    }

    /** The account of the frame's light; null while settings, subject or its place are not known. */
    public function ledger(): ?LightLedger
    {
        $light = $this->subjectLight();
        $settings = $this->record->settings();
        if ($light === null || $settings === null || $this->wanted === null) {
            return null;
        }
        $compensation = $this->record->compensation;

        return LightLedger::of(
            $light,
            $settings,
            $this->wanted->stops,
            $compensation !== null && $this->record->mode->takesCompensation() ? Stops::of($compensation) : null,
        );
    }

    /** What the same person took just before this frame. */
    public function frameBefore(): ?CaptureRecord
    {
        return $this->earlier === [] ? null : $this->earlier[count($this->earlier) - 1];
    }

    /** What the body can be set to; what is usual where no kit says. */
    public function limits(): BodyLimits
    {
        return $this->kit->body->limits ?? new BodyLimits();
    }

    public function format(): ?SensorFormat
    {
        return $this->record->format() ?? $this->kit?->body->format;
    }

    /** Where the lens was focused, m: as recorded, else where the student says the subject was. */
    public function focusDistance(): ?float
    {
        return $this->record->focusDistance ?? $this->intent->subject;
    }

    /** The lens in use, when the kit has it. */
    public function lens(): ?Lens
    {
        return $this->kit?->lensNamed($this->record->lens);
    }

    /** The widest f-number at this focal length: the kit's word, else the file's. */
    public function widest(): ?Aperture
    {
        $lens = $this->lens();
        $focalLength = $this->record->focalLength;
        if ($lens !== null && $focalLength !== null && $lens->covers($focalLength)) {
            return $lens->widestAt($focalLength);
        }

        return $this->record->widestFNumber === null ? null : Aperture::of($this->record->widestFNumber);
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

    /** Stops that a stabiliser adds for hands, as far as it was on. */
    public function stabiliserStops(): float
    {
        return $this->record->stabiliser === false || $this->kit === null
            ? 0.0
            : max($this->kit->body->stabiliserStops, $this->lens()->stabiliserStops ?? 0.0);
    }

    /** The longest time that hands would hold, with what supported the camera; null on a tripod or when unknown. */
    public function handHeldLimit(): ?HandHeldLimit
    {
        $format = $this->format();
        $steadier = $this->record->support?->stopsSteadier();

        return $this->record->focalLength === null || $format === null || $steadier === null
            ? null
            : HandHeldLimit::of($this->record->focalLength, $format, $steadier + $this->stabiliserStops());
    }

    /** The times that the intended look of a movement allows; null when none is intended or too little is known. */
    public function movementBand(): ?TimeBand
    {
        $format = $this->format();

        return $this->intent->movement === null || $this->record->focalLength === null || $format === null
            ? null
            : $this->intent->movement->band($this->record->focalLength, $this->focusDistance(), $format);
    }

    /** How the intended movement blurs in this frame; null while speed, distance or lens is not known. */
    public function movementBlur(): ?SubjectBlur
    {
        $format = $this->format();

        return $this->record->focalLength === null || $format === null
            ? null
            : $this->intent->movement?->blur($this->record->focalLength, $this->focusDistance(), $format);
    }

    /** The longest time in seconds that keeps stars points; null when none are intended or too little is known. */
    public function starLimit(): ?float
    {
        [$f, $n, $format] = [$this->record->focalLength, $this->record->fNumber, $this->format()];
        $pitch = $this->kit?->body->pixelPitch();

        return match (true) {
            ! $this->intent->stars || $f === null || $format === null => null,
            $pitch !== null && $n !== null => StarTrail::pixelLimit($f, $n->exact, $pitch),
            default => StarTrail::roughLimit($f, $format),
        };
    }

    /** The longest time in seconds that movement of any kind allows: subject, stars, leaves. Null: none does. */
    public function longestForMovement(): ?float
    {
        $limits = array_filter(
            [$this->movementBand()?->longest, $this->starLimit(), $this->intent->foliage ? self::WIND_HOLDS : null],
            fn (?float $limit): bool => $limit !== null,
        );

        return $limits === [] ? null : min($limits);
    }

    /**
     * How far ISO could have come down without anything else suffering: by the room between the exposure time and both
     * the hand-held limit and what movement allows, and never below base. On a tripod a still subject gives all the
     * time there is.
     */
    public function isoSlack(): ?Stops
    {
        $iso = $this->record->iso;
        $time = $this->record->exposureTime;
        if ($iso === null || $this->record->support === null) {
            return null;
        }
        $slack = $iso->stopsMoreThan($this->lowestIso())->value;
        if ($this->record->support->stopsSteadier() !== null) {
            $limit = $this->handHeldLimit();
            if ($limit === null || $time === null) {
                return null;
            }
            $slack = min($slack, $limit->roomFor($time->exact)->value);
        }
        $movement = $this->longestForMovement();
        if ($movement !== null && $time !== null) {
            $slack = min($slack, log($movement / $time->exact, 2));
        }
        // A longer time than the body offers is none.
        if ($time !== null) {
            $slack = min($slack, log(ExposureTime::of($this->limits()->slowest)->exact / $time->exact, 2));
        }

        return Stops::of(max(0.0, $slack));
    }

    /** What looks sharp in this frame; null while lens, aperture, format or distance is not known. */
    public function depth(): ?DepthOfField
    {
        [$f, $n, $s, $format] = [
            $this->record->focalLength,
            $this->record->fNumber,
            $this->focusDistance(),
            $this->format(),
        ];

        return $f === null || $n === null || $s === null || $format === null || $s * 1000 <= $f
            ? null
            : DepthOfField::of($f, $n->exact, $s, $this->circleOfConfusion() ?? $format->circleOfConfusion());
    }

    /** mm; the body's own where its owner judges more or less strictly. */
    public function circleOfConfusion(): ?float
    {
        $body = $this->kit?->body->format;
        $format = $this->format();
        $isSame = $body !== null && $format !== null && abs(log($body->crop() / $format->crop(), 2)) < 0.05;

        return $isSame ? $body->circleOfConfusion() : $format?->circleOfConfusion();
    }

    /**
     * The same scene taken at other settings: the record as it would be, and the picture as much brighter or darker.
     *
     * What was lost stays lost when it is darkened; a picture cannot tell how much brighter it had been.
     */
    public function retaken(Suggestion $suggestion): self
    {
        $before = $this->record->settings();
        $brighter =
            $before === null
                ? 0.0
                : $suggestion->settings->stopsBrighterThan($before)->value - $suggestion->filterStops;
        $format = $this->format();
        $focalLength = $suggestion->focalLength ?? $this->record->focalLength;
        $record = $this->record->with([
            'fNumber' => $suggestion->settings->aperture,
            'exposureTime' => $suggestion->settings->time,
            'iso' => $suggestion->settings->iso,
            'mode' => $suggestion->mode,
            'compensation' => $suggestion->compensation ??
                ($suggestion->mode->takesCompensation() ? $this->record->compensation : 0.0),
            'lens' => $suggestion->lens ?? $this->record->lens,
            'focalLength' => $focalLength,
            'focalLength35' => $focalLength === null || $format === null
                    ? $this->record->focalLength35
                    : $focalLength * $format->crop(),
            'support' => $suggestion->support ?? $this->record->support,
            'stabiliser' => $suggestion->support === Support::Tripod && $this->record->stabiliser !== null
                    ? false
                    : $this->record->stabiliser,
            'focusDistance' => $suggestion->focusDistance ?? $this->record->focusDistance,
            'widestFNumber' => $suggestion->lens === $this->record->lens ? $this->record->widestFNumber : null,
            'isoAutomatic' => $this->record->isoAutomatic === null ? null : false,
        ]);

        return new self(
            $record,
            $this->measures->brightened(Stops::of($brighter)),
            $this->approach,
            $this->wanted,
            $this->kit,
            $this->intent,
            $this->plan,
            $this->brief,
            null,
            $this->earlier,
            $this->fileFormat,
            $this->colourSpace,
            $this->reason,
        );
    }
}
