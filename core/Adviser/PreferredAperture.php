<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use TruePupil\Core\Approach\Weights;
use TruePupil\Core\Intent\Framing;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Intent\KeptSharp;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Intent\SubjectKind;
use TruePupil\Core\Optics\SensorFormat;

/**
 * The aperture that a photographer turns to first, as Av, where nothing bounds it: what the subject's kind asks for.
 * For a head, the one that holds a head's depth: N = d·f²/(2·c·s²).
 */
final class PreferredAperture
{
    /** What of a head is to look sharp, from the near eye to the ear, m. */
    private const HEAD = 0.15;

    /** Between these a head is photographed: f/2 and f/5.6. */
    private const HEAD_AV = [2.0, 5.0];

    /** Av where the distance of somebody is not known: f/4. */
    private const SOMEBODY = 4.0;

    /** Somebody among others is never where all of them are: f/6.7. */
    private const GROUP = 5.5;

    /** A stop smaller at half life size: depth is millimetres there. */
    private const CLOSER = 2.0;

    /** From this magnification on it counts as close up. */
    public const CLOSE = 0.1;

    /** Beyond the depth that is asked for, so that it does not end at the very edge. */
    private const DEPTH_TO_SPARE = 0.5;

    /**
     * @param  float  $focalLength  mm
     * @param  float  $widest  of the lens, as Av
     * @param  float  $magnification  1 is life size
     * @param  ?float  $depth  the smallest Av that holds the depth asked for
     */
    public static function of(
        Intent $intent,
        Weights $weights,
        SensorFormat $format,
        float $focalLength,
        float $widest,
        float $magnification,
        ?float $depth,
    ): float {
        $kind = $intent->kind();
        $middle = self::middle($weights, $format);
        $kept = $intent->contents->about->kept;
        $own = $kept !== null ? self::kept($kept, $intent, $format, $focalLength, $widest, $middle) : match ($kind) {
            SubjectKind::Person, SubjectKind::Child, SubjectKind::Animal, SubjectKind::Walker => $magnification >=
                self::CLOSE ? $middle : self::head($intent, $format, $focalLength),
            SubjectKind::People => $intent->contents->about->framing === Framing::Group ? self::GROUP : self::SOMEBODY,
            SubjectKind::NightSky => $intent->movement === null ? $widest : max($widest, self::SOMEBODY),
            SubjectKind::Runner, SubjectKind::Stage => $widest + 1 / 3,
            SubjectKind::Cyclist, SubjectKind::Vehicle => self::showsTime($intent) ? $middle : $widest + 2 / 3,
            SubjectKind::Bird => $widest + 2 / 3,
            SubjectKind::Fireworks => $middle + 1.0,
            default => $middle,
        };
        if ($magnification >= self::CLOSE) {
            $own += min(1.0, self::CLOSER * $magnification);
        }

        return $depth === null ? $own : max($own, $depth + self::DEPTH_TO_SPARE);
    }

    /** Half of the way to the same entrance pupil: smaller sensors have both more depth and more need of light. */
    public static function middle(Weights $weights, SensorFormat $format): float
    {
        return $weights->preferredAv - log($format->crop(), 2);
    }

    private static function head(Intent $intent, SensorFormat $format, float $focalLength): float
    {
        $distance = $intent->distances->subject;
        if ($distance === null) {
            return self::SOMEBODY;
        }
        $av = self::holding(self::HEAD, $distance, $format, $focalLength);

        return max(self::HEAD_AV[0], min(self::HEAD_AV[1], $av));
    }

    /** The aperture that keeps so much of the subject sharp, as Av. */
    public static function kept(
        KeptSharp $kept,
        Intent $intent,
        SensorFormat $format,
        float $focalLength,
        float $widest,
        float $middle,
    ): float {
        $depth = $kept->depth();
        $distance = $intent->distances->subject;

        return match (true) {
            $kept === KeptSharp::NearEye => $widest,
            $kept === KeptSharp::Everything => $middle + 1.0,
            $depth === null || $distance === null => self::SOMEBODY,
            default => max($widest, self::holding($depth, $distance, $format, $focalLength)),
        };
    }

    /** The Av that holds a depth in m about a distance in m: N = d·f²/(2·c·s²). */
    private static function holding(float $depth, float $distance, SensorFormat $format, float $focalLength): float
    {
        $n = $depth * ($focalLength / 1000) ** 2 / (2 * $format->circleOfConfusion() / 1000 * $distance ** 2);

        return 2 * log(max($n, 0.5), 2);
    }

    private static function showsTime(Intent $intent): bool
    {
        return in_array($intent->movement?->want, [MovementLook::Streak, MovementLook::Pan], true);
    }
}
