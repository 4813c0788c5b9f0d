<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use TruePupil\Core\Approach\Start;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Intent\SubjectKind;
use TruePupil\Core\Kit\BodyKind;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Support;

/** The mode in which a person sets what matters most and leaves the rest to the camera. */
final class SuggestedMode
{
    /** From here on a person sets everything by hand: no camera times through a strong filter well. */
    private const STRONG_FILTER = 6.0;

    /** Cameras for sheets of film have no meter: formats larger than this, by their crop factor. */
    private const SHEET = 0.5;

    /** Which of several that are allowed is taken. */
    private const ORDER = [
        ExposureMode::Manual,
        ExposureMode::Aperture,
        ExposureMode::Shutter,
        ExposureMode::ManualAutoIso,
        ExposureMode::Program,
        ExposureMode::Auto,
        ExposureMode::Bulb,
    ];

    public static function of(AdviceRequest $request, Candidate $candidate, bool $isFlash = false): ExposureMode
    {
        $natural = self::natural($request, $candidate, $isFlash);
        $allowed = $request->bounds->modes;
        // What a phone's app chooses stays its choice, whatever is asked for.
        if ($allowed === [] || in_array($natural, $allowed, true) || ! $request->kit->body->setsTime) {
            return $natural;
        }
        foreach (self::ORDER as $mode) {
            if (in_array($mode, $allowed, true)) {
                return $mode;
            }
        }

        return $allowed[0];
    }

    private static function natural(AdviceRequest $request, Candidate $candidate, bool $isFlash): ExposureMode
    {
        [$body, $intent, $lens] = [$request->kit->body, $request->intent, $candidate->choice->lens];
        $hasOneAperture = $lens->smallest <= $lens->widestAt($candidate->choice->focalLength)->nominal() + 0.01;

        return match (true) {
            ! $body->setsTime => ExposureMode::Program,
            $candidate->tv < $candidate->demands->time->bulb - 1e-9 => ExposureMode::Bulb,
            $isFlash,
            $body->kind === BodyKind::Phone,
            $request->kit->film !== null && $body->format->crop() < self::SHEET,
            $request->approach->start === Start::Manual,
            self::isForHands($intent),
            $candidate->support === Support::Tripod && $candidate->tv < 0,
            $candidate->filter >= self::STRONG_FILTER => ExposureMode::Manual,
            $hasOneAperture, $intent->movement !== null,
            self::isForTime($intent->kind()) => ExposureMode::Shutter,
            default => ExposureMode::Aperture,
        };
    }

    /** Where a meter would be fooled, or would follow what is not to be followed. */
    private static function isForHands(Intent $intent): bool
    {
        return $intent->contents->crossesLight || $intent->contents->stars || in_array(
            $intent->kind(),
            [SubjectKind::NightSky, SubjectKind::Fireworks, SubjectKind::Stage, SubjectKind::Moon],
            true,
        );
    }

    private static function isForTime(?SubjectKind $kind): bool
    {
        return in_array(
            $kind,
            [SubjectKind::Bird, SubjectKind::Runner, SubjectKind::Cyclist, SubjectKind::Vehicle],
            true,
        );
    }
}
