<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use TruePupil\Core\Approach\Sharpness;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Intent\Movement;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Intent\SubjectKind;
use TruePupil\Core\Kit\Body;
use TruePupil\Core\Motion\StarTrail;
use TruePupil\Core\Motion\Stir;

/**
 * The exposure times that what moves allows: from the table of how subjects stir, refined by a speed that is known, or
 * those that let movement be seen.
 */
final class MovementTimes
{
    /** Seconds between which a frame for trails of stars, to be laid over others, is taken. */
    private const TRAIL = [15.0, 30.0];

    /** Seconds in which a burst of fireworks opens and falls. */
    private const BURST = [2.0, 8.0];

    /** EV at ISO 100 under which lamps draw lines: they are to cross the frame. */
    private const LAMPS = 7.0;

    /** Seconds between which they are followed, by kind; a bicycle where nothing is said. */
    private const PANS = [
        'walking' => [1 / 30, 1 / 15],
        'bicycle' => [1 / 125, 1 / 30],
        'car' => [1 / 250, 1 / 60],
    ];

    /** @return array{?float, ?float} the shortest and the longest time in seconds; null: no bound */
    public static function of(
        Intent $intent,
        LensChoice $choice,
        Body $body,
        Sharpness $sharpness,
        Ev100 $light,
    ): array {
        $movement = $intent->movement;
        if ($intent->kind() === SubjectKind::NightSky && $movement !== null) {
            return self::TRAIL;
        }
        if ($intent->kind() === SubjectKind::Fireworks) {
            return self::BURST;
        }
        $longest = [
            $intent->contents->stars || $intent->kind() === SubjectKind::NightSky
                ? self::stars($intent, $choice, $body)
                : null,
            $intent->contents->foliage ? Stir::InWind->longest($sharpness) : null,
        ];
        [$shortest, $longest[]] = match ($movement?->want) {
            null => [null, $intent->stir()->longest($sharpness)],
            MovementLook::Pan => self::pan($intent, $movement, $choice, $body),
            MovementLook::Streak => [self::streak($intent, $movement, $choice, $body, $light), null],
            MovementLook::Silk => [$movement->band($choice->focalLength, null, $body->format)->shortest, null],
            MovementLook::Freeze, MovementLook::Acceptable => [
                null,
                self::still($intent, $movement, $choice, $body, $sharpness),
            ],
        };
        $longest = array_filter($longest, fn (?float $seconds): bool => $seconds !== null);

        return [$shortest, $longest === [] ? null : min($longest)];
    }

    /** Whether a time shorter than need be is worth something, since nobody holds as still as a table says. */
    public static function stirs(Intent $intent): bool
    {
        return ($intent->movement === null || in_array(
            $intent->movement->want,
            [MovementLook::Acceptable, MovementLook::Freeze],
            true,
        )) && ($intent->stir() !== Stir::Still || $intent->contents->foliage);
    }

    private static function still(
        Intent $intent,
        Movement $movement,
        LensChoice $choice,
        Body $body,
        Sharpness $sharpness,
    ): ?float {
        $stir = $intent->kind() === null ? null : $intent->stir();
        $blur = $movement->blur($choice->focalLength, $intent->distances->subject, $body->format);
        if ($movement->want === MovementLook::Freeze) {
            return $blur?->criticalLimit() ?? ($stir?->longest(Sharpness::Strict)
                ?? $movement->band($choice->focalLength, null, $body->format)->longest);
        }
        if ($blur === null) {
            return $stir?->longest($sharpness) ?? $movement->band($choice->focalLength, null, $body->format)->longest;
        }
        $known = $sharpness === Sharpness::Strict ? $blur->criticalLimit() : $blur->acceptableLimit();
        $strict = $stir?->longest(Sharpness::Strict);

        // Where nothing crosses the frame, the table stands.
        return $known === null ? $stir?->longest($sharpness) : max(
            $known,
            ($strict ?? Stir::Alert->longest(Sharpness::Strict)) / 2 ** Stir::REFINED_STOPS,
            // Sharp enough is what the camera can do at its fastest.
            $body->limits->fastest,
        );
    }

    private static function stars(Intent $intent, LensChoice $choice, Body $body): float
    {
        [$f, $pitch, $declination] = [$choice->focalLength, $body->pixelPitch(), $intent->contents->declination];

        return $pitch === null
            ? StarTrail::roughLimit($f, $body->format, $declination)
            : StarTrail::pixelLimit($f, $choice->lens->widestAt($f)->exact, $pitch, $declination);
    }

    private static function streak(
        Intent $intent,
        Movement $movement,
        LensChoice $choice,
        Body $body,
        Ev100 $light,
    ): ?float {
        $distance = $intent->distances->subject;
        $shows = $movement->band($choice->focalLength, $distance, $body->format)->shortest;
        if ($intent->kind() !== SubjectKind::Vehicle || $light->value > self::LAMPS) {
            return $shows;
        }
        $blur = $movement->blur($choice->focalLength, $distance, $body->format);
        $speed = $blur?->after(1.0) ?? 0.0;

        // Lamps in the dark: from one side of the frame to the other.
        return max($shows ?? 0.0, $speed < 1e-6 ? 4.0 : $body->format->width / $speed);
    }

    /** @return array{?float, ?float} */
    private static function pan(Intent $intent, Movement $movement, LensChoice $choice, Body $body): array
    {
        $computed = $movement->band($choice->focalLength, $intent->distances->subject, $body->format);
        $kind = $intent->kind();
        if ($kind === null) {
            return [$computed->shortest, $computed->longest];
        }
        [$shortest, $longest] = self::PANS[match ($kind) {
            SubjectKind::Vehicle => 'car',
            SubjectKind::Cyclist, SubjectKind::Bird, SubjectKind::Animal => 'bicycle',
            default => 'walking',
        }];
        $both = [max($shortest, $computed->shortest ?? 0.0), min($longest, $computed->longest ?? INF)];

        // Where speed and practice have nothing in common, practice stands.
        return $both[0] <= $both[1] ? $both : [$shortest, $longest];
    }
}
