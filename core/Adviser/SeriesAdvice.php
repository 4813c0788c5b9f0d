<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Intent\SubjectKind;
use TruePupil\Core\Kit\UsableRange;

/** Where one frame does not do: more range than the sensor holds, and trails of stars. */
final class SeriesAdvice
{
    /** Less beyond what one frame holds is lived with, stops. */
    private const BEYOND = 0.5;

    /** Stops from frame to frame, and no more frames than these. */
    private const STEP = 2.0;

    private const MOST = 7;

    /** Frames of half a minute that draw arcs which can be seen: an hour. */
    private const TRAILS = 120;

    /** Whether what is asked for is taken in several frames. */
    public static function isWanted(AdviceRequest $request): bool
    {
        return self::isTrails($request)
            || self::beyond($request, Iso::of($request->kit->body->limits->isoBase)) !== null;
    }

    public static function of(AdviceRequest $request, Candidate $candidate): ?SuggestedSeries
    {
        // Frames lie upon one another only where the camera stood.
        if ($candidate->support->stopsSteadier() !== null) {
            return null;
        }
        if (self::isTrails($request)) {
            return $candidate->tv < $candidate->demands->time->bulb ? null
                : new SuggestedSeries('trails', self::TRAILS);
        }
        $beyond = self::beyond($request, Iso::nearest(100 * 2 ** $candidate->sv));

        return $beyond === null ? null : new SuggestedSeries(
            'range',
            // As many on either side of the middle one.
            min(self::MOST, 1 + 2 * max(1, (int) ceil($beyond / 2 / self::STEP))),
            self::STEP,
        );
    }

    private static function isTrails(AdviceRequest $request): bool
    {
        return $request->intent->kind() === SubjectKind::NightSky
            && $request->intent->movement?->want === MovementLook::Streak;
    }

    /** Stops that a scene which stands still has beyond what one frame holds; null where it has none. */
    private static function beyond(AdviceRequest $request, Iso $iso): ?float
    {
        [$intent, $film] = [$request->intent, $request->kit->film];
        $stands = $intent->movement === null && $intent->kind()?->standsStill() !== false;
        if ($intent->sceneStops === null || ! $stands || $film !== null) {
            return null;
        }
        $beyond = $intent->sceneStops - UsableRange::of($request->kit->body, $iso)->value;

        return $beyond > self::BEYOND ? $beyond : null;
    }
}
