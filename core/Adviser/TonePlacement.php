<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Intent\MeantTone;
use TruePupil\Core\Intent\SubjectKind;

/**
 * Where the tone of what a meter was held to belongs, in stops from mid-grey: white things above it, black ones and the
 * night below. Values of common practice.
 */
final class TonePlacement
{
    /** EV at ISO 100 from which on down a view is one of the night. */
    private const NIGHT = 4.0;

    public static function of(Intent $intent, Ev100 $light): Stops
    {
        return Stops::of(match ($intent->tone) {
            MeantTone::Silhouette => -1 / 3,
            MeantTone::LowKey => -4 / 3,
            MeantTone::HighKey => 4 / 3,
            MeantTone::Darker => -1.0,
            MeantTone::Brighter => 1.0,
            MeantTone::AsSeen => -2 / 3,
            null => self::ofKind($intent->kind(), $light->value),
        });
    }

    private static function ofKind(?SubjectKind $kind, float $light): float
    {
        return match (true) {
            $kind === SubjectKind::NightSky => -1.0,
            $kind === SubjectKind::Document => 1 / 3,
            $kind === SubjectKind::View && $light <= self::NIGHT => -2 / 3,
            default => 0.0,
        };
    }
}
