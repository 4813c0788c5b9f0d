<?php

declare(strict_types=1);

namespace TruePupil\Core\Intent;

use TruePupil\Core\Motion\Pan;
use TruePupil\Core\Motion\SubjectBlur;
use TruePupil\Core\Motion\WaterLook;
use TruePupil\Core\Optics\InvalidOptics;
use TruePupil\Core\Optics\SensorFormat;

/** A movement in front of the camera and what it should look like. */
final readonly class Movement
{
    /** Where the speed is not known: the times that common practice freezes and streaks with. */
    private const FREEZE_UNKNOWN = 1 / 500;

    private const ACCEPTABLE_UNKNOWN = 1 / 125;

    private const STREAK_UNKNOWN = 1 / 16;

    /** A subject that crosses this share of the frame's width reads as a streak. */
    private const STREAK_SHARE = 0.03;

    /**
     * @param  ?float  $speed  m/s; null: not known
     * @param  float  $angle  degrees from straight across the frame
     *
     * @throws InvalidOptics
     */
    public function __construct(public MovementLook $want, public ?float $speed = null, public float $angle = 0.0)
    {
        if ($speed !== null && (! is_finite($speed) || $speed < 0.0)) {
            throw InvalidOptics::negativeSpeed($speed);
        }
    }

    /**
     * The exposure times that give the wanted look.
     *
     * @param  float  $focalLength  mm
     * @param  ?float  $distance  m; null: not known
     * @param  ?float  $offAxis  mm on the sensor from its middle to the farthest part of the subject; null: a person's
     *
     * @throws InvalidOptics
     */
    public function band(
        float $focalLength,
        ?float $distance,
        SensorFormat $format,
        ?float $offAxis = null,
    ): TimeBand {
        $blur = $this->blur($focalLength, $distance, $format, $offAxis);

        return match ($this->want) {
            MovementLook::Freeze => new TimeBand(
                longest: $blur === null ? self::FREEZE_UNKNOWN : $blur->criticalLimit(),
            ),
            MovementLook::Acceptable => new TimeBand(
                longest: $blur === null ? self::ACCEPTABLE_UNKNOWN : $blur->acceptableLimit(),
            ),
            MovementLook::Streak => new TimeBand(shortest: $this->streak($blur, $format)),
            MovementLook::Silk => new TimeBand(shortest: WaterLook::Silk->band()[0]),
            MovementLook::Pan => $this->pan($focalLength, $distance, $format),
        };
    }

    /** How the subject blurs; null while speed or distance is not known. @throws InvalidOptics */
    public function blur(
        float $focalLength,
        ?float $distance,
        SensorFormat $format,
        ?float $offAxis = null,
    ): ?SubjectBlur {
        return $this->speed === null || $distance === null
            ? null
            : SubjectBlur::of($this->speed, $this->angle, $focalLength, $distance, $format, $offAxis);
    }

    private function streak(?SubjectBlur $blur, SensorFormat $format): float
    {
        $speed = $blur?->after(1.0) ?? 0.0;

        return $speed < 1e-6 ? self::STREAK_UNKNOWN : (self::STREAK_SHARE * $format->width) / $speed;
    }

    private function pan(float $focalLength, ?float $distance, SensorFormat $format): TimeBand
    {
        $across = $this->speed === null ? 0.0 : $this->speed * abs(cos(deg2rad($this->angle)));
        if ($distance === null || $across < 1e-6) {
            return new TimeBand(1 / 64, 1 / 15);
        }
        $pan = Pan::of($across, $focalLength, $distance, $format);

        return new TimeBand($pan->shortest(), $pan->longest());
    }
}
