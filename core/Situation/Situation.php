<?php

declare(strict_types=1);

namespace TruePupil\Core\Situation;

use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Brief\Brief;
use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Capture\PictureOrigin;
use TruePupil\Core\Capture\RecordedKit;
use TruePupil\Core\Capture\SmallestAperture;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\LightLedger;
use TruePupil\Core\Exposure\StopIncrement;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Intent\TimeBand;
use TruePupil\Core\Kit\Body;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Kit\Lens;
use TruePupil\Core\Kit\Reach;
use TruePupil\Core\Measures\ExposureVerdict;
use TruePupil\Core\Measures\FrameMeasures;
use TruePupil\Core\Motion\HandHeldLimit;
use TruePupil\Core\Motion\StarTrail;
use TruePupil\Core\Motion\Stir;
use TruePupil\Core\Motion\SubjectBlur;
use TruePupil\Core\Optics\CloseUp;
use TruePupil\Core\Optics\DepthOfField;
use TruePupil\Core\Optics\SensorFormat;
use TruePupil\Core\Series\SeriesKind;
use TruePupil\Core\Sky\LightDirection;

/** All that is known of one frame when it is judged. What follows from several parts is worked out here, once. */
final readonly class Situation
{
    /** Used where no kit says otherwise: the base ISO of most bodies. */
    public const TYPICAL_BASE_ISO = 100.0;

    /** Stops that a hand-held time may be shorter than the limit without anything being wasted. */
    private const SAFETY = 1.0;

    /**
     * @param  list<CaptureRecord>  $earlier  what the same person took before, the latest last
     */
    public function __construct(
        public CaptureRecord $record,
        public FrameMeasures $measures,
        public Approach $approach,
        public Assignment $assignment = new Assignment(),
        public ?Kit $kit = null,
        public Statement $statement = new Statement(),
        public array $earlier = [],
        public FileKind $file = new FileKind(),
    ) {
    }

    /** The body's, where the kit has it; else the usual one, or the lowest that this camera was seen at. */
    public function baseIso(): Iso
    {
        if ($this->kit !== null) {
            return Iso::of($this->kit->body->limits->isoBase);
        }
        $seen = array_map(
            fn (CaptureRecord $frame): float => $frame->exposure->iso->exact ?? INF,
            array_filter(
                [$this->record, ...$this->earlier],
                fn (CaptureRecord $frame): bool => $frame->camera->model === $this->record->camera->model,
            ),
        );

        return Iso::of(min(self::TYPICAL_BASE_ISO, ...array_values($seen)));
    }

    /** Stops by which ISO lies over the lowest one; 0 where it is not known. */
    public function isoOverBase(): float
    {
        $iso = $this->record->exposure->iso;

        return $iso === null ? 0.0 : Stops::ofRatio($iso->exact / $this->baseIso()->exact)->value;
    }

    /** The step of the camera's dials; thirds where no kit says otherwise. */
    public function increment(): StopIncrement
    {
        return $this->kit->body->limits->increment ?? StopIncrement::Third;
    }

    /** To the nearest step that this camera can be set to. */
    public function onDial(Stops $stops): Stops
    {
        $steps = $this->increment()->perStop();

        return Stops::of(round($steps * $stops->value) / $steps);
    }

    /** Where the light came from: by place, hour and bearing of the plan; else as whoever took the frame says. */
    public function lightFrom(): ?LightDirection
    {
        $takenAt = $this->record->takenAt;

        return ($takenAt === null ? null : $this->statement->plan?->outing?->lightFrom($takenAt)) ??
            $this->statement->intent->lightFrom;
    }

    /** Whether a flash fired: aperture, ISO and distance then set what it lights, and time the rest. */
    public function isLitByFlash(): bool
    {
        return $this->record->exposure->flashFired === true;
    }

    /** Whether the frame is one of a row that shows what a value does: there a value is as it is to be seen. */
    public function comparesValues(): bool
    {
        return $this->assignment->brief?->row($this->assignment->row)?->kind === SeriesKind::OneVariable;
    }

    /** The lowest ISO that this course counts as clean. */
    public function lowestIso(): Iso
    {
        return $this->kit === null || $this->approach->light->lowestIso->valuesBaseIso()
            ? $this->baseIso()
            : Iso::of($this->kit->body->limits->isoMin);
    }

    /** The account of the frame's light; null while settings, subject or its place are not known. */
    public function ledger(): ?LightLedger
    {
        $light = $this->subjectLight();
        $settings = $this->record->settings();
        if ($light === null || $settings === null || $this->assignment->wanted === null) {
            return null;
        }
        $compensation = $this->record->exposure->compensation;

        return LightLedger::of(
            $light,
            $settings,
            $this->assignment->wanted->stops,
            $compensation !== null && $this->record->exposure->mode->takesCompensation()
                ? Stops::of($compensation)
                : null,
        );
    }

    /** Whether the file holds several exposures: its time is then nobody's to judge hands and movement by. */
    public function isComposite(): bool
    {
        return $this->record->origin === PictureOrigin::Composite;
    }

    /** Whether there is a film in the camera instead of a sensor. */
    public function isFilm(): bool
    {
        return $this->kit?->film !== null;
    }

    /**
     * The light that settings render as mid-grey on what is in the camera: a film tires in long times, and then needs
     * more of it.
     */
    public function ev100Of(ExposureSettings $settings): Ev100
    {
        $lost = $this->kit?->film?->lostToReciprocity($settings->time->exact) ?? Stops::none();

        return $settings->ev100()->plus($lost);
    }

    /** What the same person took just before this frame. */
    public function frameBefore(): ?CaptureRecord
    {
        return $this->earlier === [] ? null : $this->earlier[count($this->earlier) - 1];
    }

    /** What body and lens can be set to; what is usual, and what was seen, where no kit says. */
    public function reach(): Reach
    {
        [$widest, $smallest] = [$this->widest()?->exact, $this->smallestAperture()];

        return $this->kit === null
            ? Reach::assumed($this->record->settings(), $this->baseIso()->exact, $widest, $smallest)
            : Reach::of($this->kit->body, $widest, $smallest);
    }

    /** Whether a phone's app chose time and ISO: its owner has a touch, a slider and the light. */
    public function isByApp(): bool
    {
        $body = ($this->kit ?? RecordedKit::of($this->record))?->body;

        return $body !== null && ! $body->setsTime;
    }

    /**
     * A focal length as whoever holds the camera knows it: of a phone, whose lens has a few millimetres, the
     * equivalent on 36×24.
     *
     * @param  float  $millimetres  of the lens itself
     */
    public function focalLengthInWords(float $millimetres): string
    {
        return SmallestAperture::isPhone($this->record)
            ? sprintf('%.0f mm as on 36×24', $millimetres * ($this->format()?->crop() ?? 1.0))
            : sprintf('%.0f mm', $millimetres);
    }

    public function format(): ?SensorFormat
    {
        return $this->record->format() ?? $this->kit?->body->format;
    }

    /** Where the lens was focused, m: as recorded, else where the student says the subject was. */
    public function focusDistance(): ?float
    {
        return $this->record->handling->focusDistance ?? $this->statement->intent->distances->subject;
    }

    /** The lens in use, when the kit has it. */
    public function lens(): ?Lens
    {
        return $this->kit?->lensNamed($this->record->lens->name);
    }

    /** The widest f-number at this focal length: the kit's word, else the file's. */
    public function widest(): ?Aperture
    {
        $lens = $this->lens();
        $focalLength = $this->record->lens->focalLength;
        if ($lens !== null && $focalLength !== null && $lens->covers($focalLength)) {
            return $lens->widestAt($focalLength);
        }

        return $this->record->lens->widestFNumber === null ? null : Aperture::of($this->record->lens->widestFNumber);
    }

    /** As an f-number: the kit's word, else what is known of such cameras. Null: nobody can say. */
    public function smallestAperture(): ?float
    {
        return $this->lens()->smallest ?? SmallestAperture::of($this->record);
    }

    /** Whether the lens has one aperture, which nobody can change. */
    public function hasOneAperture(): bool
    {
        return $this->lens() === null && SmallestAperture::isFixed($this->record);
    }

    /** How far the subject lies from where the brief wants it; positive is too bright. */
    public function placementError(): ?Stops
    {
        $subject = $this->measures->subject;

        return $subject === null || $this->assignment->wanted === null
            ? null
            : $subject->placement()->minus($this->assignment->wanted->stops);
    }

    /**
     * Whether the frame is far too dark or too bright; null where nothing is certain, or where it was meant so:
     * declared, or a step of a bracket.
     */
    public function exposureVerdict(): ?ExposureVerdict
    {
        $verdict = $this->isOfBracket() ? null : ExposureVerdict::of($this->measures);
        $meant = $this->statement->intent->tone;

        return $verdict === null || $meant?->isDark() === $verdict->error->value < 0 ? null : $verdict;
    }

    private function isOfBracket(): bool
    {
        $row = $this->assignment->brief?->row($this->assignment->row);

        return $row?->kind === SeriesKind::Bracket || $this->assignment->series?->kind() === SeriesKind::Bracket;
    }

    /** How far the exposure is known to be off; positive is too bright. Null where nothing says that it is. */
    public function exposureError(): ?Stops
    {
        return $this->placementError() ?? $this->exposureVerdict()?->error;
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
        return $this->record->handling->stabiliser === false || $this->kit === null
            ? 0.0
            : max($this->kit->body->stabiliserStops, $this->lens()->stabiliserStops ?? 0.0);
    }

    /** The longest time that hands would hold, with what supported the camera; null on a tripod or when unknown. */
    public function handHeldLimit(): ?HandHeldLimit
    {
        return $this->limitWith($this->stabiliserStops());
    }

    /** The same without a stabiliser: what nobody has to be told to go beyond. */
    public function unsteadiedLimit(): ?HandHeldLimit
    {
        return $this->limitWith(0.0);
    }

    private function limitWith(float $stabiliserStops): ?HandHeldLimit
    {
        $format = $this->format();
        $steadier = $this->record->support?->stopsSteadier();

        return $this->record->lens->focalLength === null || $format === null || $steadier === null ||
            $this->isComposite()
            ? null
            : HandHeldLimit::held(
                $this->record->lens->focalLength,
                $format,
                $stabiliserStops,
                $steadier + $this->approach->handHeld->stops(),
                $this->magnification(),
            );
    }

    /** How large the subject lies on the sensor, as far as is known: 1 is life size. */
    private function magnification(): float
    {
        return $this->statement->intent->contents->about->magnification
            ?? CloseUp::factor((float) $this->record->lens->focalLength, $this->focusDistance()) - 1;
    }

    /** The ISO up to which its owner lives with the noise: as the kit says, or as is usual for the format. */
    public function liveableIso(): float
    {
        return $this->kit?->body->liveableIso()
            ?? (new Body('a body', $this->format() ?? SensorFormat::fullFrame()))->liveableIso();
    }

    /** The times that the intended look of a movement allows; null when none is intended or too little is known. */
    public function movementBand(): ?TimeBand
    {
        $format = $this->format();

        return $this->statement->intent->movement === null ||
            $this->record->lens->focalLength === null ||
            $format === null ||
            $this->isComposite()
            ? null
            : $this->statement->intent->movement->band(
                $this->record->lens->focalLength,
                $this->focusDistance(),
                $format,
                $this->offAxis($format),
            );
    }

    /** How the intended movement blurs in this frame; null while speed, distance or lens is not known. */
    public function movementBlur(): ?SubjectBlur
    {
        $format = $this->format();

        return $this->record->lens->focalLength === null || $format === null || $this->isComposite()
            ? null
            : $this->statement->intent->movement?->blur(
                $this->record->lens->focalLength,
                $this->focusDistance(),
                $format,
                $this->offAxis($format),
            );
    }

    /** How far the marked subject reaches from the middle of the frame, mm on the sensor; null where none is marked. */
    private function offAxis(SensorFormat $format): ?float
    {
        $region = $this->measures->subject?->region;

        return $region === null
            ? null
            : hypot(
                max(abs($region->x - 0.5), abs($region->x + $region->width - 0.5)) * $format->width,
                max(abs($region->y - 0.5), abs($region->y + $region->height - 0.5)) * $format->height,
            );
    }

    /** The longest time in seconds that keeps stars points; null when none are intended or too little is known. */
    public function starLimit(): ?float
    {
        [$f, $n, $format] = [$this->record->lens->focalLength, $this->record->exposure->fNumber, $this->format()];
        $pitch = $this->kit?->body->pixelPitch();

        return match (true) {
            ! $this->statement->intent->contents->stars || $f === null || $format === null ||
                $this->isComposite() => null,
            $pitch !== null && $n !== null => StarTrail::pixelLimit(
                $f,
                $n->exact,
                $pitch,
                $this->statement->intent->contents->declination,
            ),
            default => StarTrail::roughLimit($f, $format, $this->statement->intent->contents->declination),
        };
    }

    /** The longest time in seconds that movement of any kind allows: subject, stars, leaves. Null: none does. */
    public function longestForMovement(): ?float
    {
        if ($this->isComposite()) {
            return null;
        }
        $limits = array_filter(
            [
                $this->movementBand()?->longest,
                $this->starLimit(),
                $this->statement->intent->contents->foliage ? Stir::InWind->longest($this->approach->movement) : null,
                // Whoever sits, talks or plays moves too, though nobody said how fast.
                $this->statement->intent->movement === null
                    ? $this->statement->intent->stir()->longest($this->approach->movement)
                    : null,
            ],
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
        $iso = $this->record->exposure->iso;
        $time = $this->record->exposure->exposureTime;
        // A film has one speed; there is nothing to bring down.
        if ($iso === null || $this->record->support === null || $this->isFilm() || $this->isComposite()) {
            return null;
        }
        $slack = $iso->stopsMoreThan($this->lowestIso())->value;
        if ($this->record->support->stopsSteadier() !== null) {
            $limit = $this->unsteadiedLimit();
            if ($limit === null || $time === null) {
                return null;
            }
            // A stop faster than hands just hold is good practice, and no slack.
            $slack = min($slack, $limit->roomFor($time->exact)->value - self::SAFETY);
        }
        $movement = $this->longestForMovement();
        if ($movement !== null && $time !== null) {
            $slack = min($slack, log($movement / $time->exact, 2) - ($this->stirs() ? self::SAFETY : 0.0));
        }
        // A longer time than the body offers is none.
        if ($time !== null) {
            $slack = min($slack, log(ExposureTime::of($this->reach()->slowest)->exact / $time->exact, 2));
        }

        return Stops::of(max(0.0, $slack));
    }

    /** Whether what is photographed is alive, or in the wind: then a stop faster than need be is no slack. */
    private function stirs(): bool
    {
        return $this->statement->intent->movement === null && $this->statement->intent->stir() !== Stir::Still;
    }

    /** What looks sharp in this frame; null while lens, aperture, format or distance is not known. */
    public function depth(): ?DepthOfField
    {
        [$f, $n, $s, $format] = [
            $this->record->lens->focalLength,
            $this->record->exposure->fNumber,
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
}
