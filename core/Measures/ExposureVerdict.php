<?php

declare(strict_types=1);

namespace TruePupil\Core\Measures;

use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Tone\ToneMeasures;

/**
 * Whether a picture is far too dark or too bright, told from its pixels alone. The limits come from photographs judged
 * by eye: rightly exposed ones have something bright in them somewhere, and lose no channel over a quarter of the
 * frame. Nothing is said of what lies between; there, only somebody who knows the subject can tell.
 */
final readonly class ExposureVerdict
{
    /** Too dark where the brightest twentieth of the frame does not reach mid-grey, stops. */
    public const BRIGHTEST = 0.0;

    /** Too bright where some channel is lost over so much of the frame, %, and the frame is bright as a whole. */
    public const LOST_PCT = 25.0;

    /** Stops over mid-grey, as a meter for the whole scene reads it. */
    public const BRIGHT = 1.0;

    /** A marked subject so far down, with nothing bright in it either, is dark whatever it is; stops. */
    public const SUBJECT_DARK = -3.5;

    private const SUBJECT_BRIGHTEST = -1.0;

    /** A marked subject that is lost over half of itself, and bright as a whole, is burnt; %. */
    public const SUBJECT_LOST_PCT = 50.0;

    private const SUBJECT_BRIGHT = 0.5;

    /** What may be lost in all channels of a raw file that holds the picture, %. */
    private const HELD_PCT = 1.0;

    /** White in sRGB, stops over mid-grey. */
    private const WHITE = 2.47;

    /** Tones of photographs spread by about so many stops round their middle. */
    private const SPREAD = 1.5;

    private function __construct(
        /** Positive is too bright. */
        public Stops $error,
        /** Whether the marked subject says so, rather than the frame. */
        public bool $isOfSubject,
        /** Lost is lost: how much more there was can only be estimated. */
        public bool $isEstimate,
    ) {
    }

    /** @return ?self null where nothing is certain */
    public static function of(FrameMeasures $measures): ?self
    {
        $subject = $measures->subject;
        $lostOfSubject = $subject === null ? 0.0 : max($subject->tone->lostHighlightsPctByChannel);
        $lost = max($measures->tone->lostHighlightsPctByChannel);
        $raw = $measures->raw();
        if ($raw !== null && $raw->frame->lostInAllPct() < self::HELD_PCT) {
            // Too bright is only the preview: the raw file is made darker, and nothing is gone.
            [$lostOfSubject, $lost] = [0.0, 0.0];
        }

        return match (true) {
            $subject !== null &&
                $lostOfSubject >= self::SUBJECT_LOST_PCT &&
                $subject->tone->meanStops >= self::SUBJECT_BRIGHT => self::tooBright($subject->tone, true),
            $lost >= self::LOST_PCT && $measures->metering['scene'] >= self::BRIGHT => self::tooBright(
                $measures->tone,
                false,
            ),
            $subject !== null &&
                $subject->tone->meanStops <= self::SUBJECT_DARK &&
                $subject->tone->p99Stops <= self::SUBJECT_BRIGHTEST => new self($subject->placement(), true, false),
            $measures->brightestTwentieth() < self::BRIGHTEST => new self(
                Stops::of(min($measures->metering['scene'], $measures->brightestTwentieth() - 1.0)),
                false,
                false,
            ),
            default => null,
        };
    }

    /**
     * How much too bright: the mean of what is left, or more where so much is lost that the middle of an ordinary
     * spread of tones must lie beyond white.
     */
    private static function tooBright(ToneMeasures $tone, bool $isOfSubject): self
    {
        $share = max(0.01, min(0.99, max($tone->lostHighlightsPctByChannel) / 100));

        return new self(
            Stops::of(max($tone->meanStops, self::WHITE + self::SPREAD * self::quantile($share))),
            $isOfSubject,
            true,
        );
    }

    /** The standard normal quantile by its logistic approximation, good to a tenth. */
    private static function quantile(float $share): float
    {
        return log($share / (1 - $share)) / 1.702;
    }
}
