<?php

declare(strict_types=1);

namespace TruePupil\Core\Kit;

use TruePupil\Core\Exposure\InvalidExposure;

/**
 * A flash of the kit. Guide number in metres at ISO 100: it lights a subject at d metres properly with f-number
 * N = GN·√(S/100)/d.
 */
final readonly class Flash
{
    /** Stops that are lost when its light comes back from a white ceiling or wall. */
    public const BOUNCE_STOPS = 2.0;

    /** Stops that it loses as soon as it has to glow for as long as the shutter's slit travels. */
    public const HIGH_SPEED_STOPS = 1.5;

    /**
     * @param  float  $guideNumber  m at ISO 100
     * @param  bool  $canBounce  its head turns to the ceiling
     * @param  bool  $highSpeedSync  it also lights frames taken faster than the sync time
     * @param  ?FlashPlace  $place  where it is set up; null: on the camera
     *
     * @throws InvalidExposure
     */
    public function __construct(
        public float $guideNumber,
        public bool $canBounce = false,
        public bool $highSpeedSync = false,
        public ?FlashPlace $place = null,
    ) {
        InvalidExposure::unlessPositive('guide number', $guideNumber);
    }

    /** Whether its light can come from elsewhere than from the lens, which flatters nobody. */
    public function isKind(): bool
    {
        return $this->canBounce || $this->place !== null;
    }

    /**
     * Stops by which its full light exceeds what a subject needs; negative where it does not reach.
     *
     * @param  float  $fNumber  as the light sees it, close up included
     * @param  float  $distance  m from the flash
     * @param  float  $lost  stops, by bouncing or by high-speed sync
     */
    public function stopsToSpare(float $fNumber, float $distance, float $iso, float $lost = 0.0): float
    {
        return 2 * log($this->guideNumber * sqrt($iso / 100) / ($fNumber * $distance), 2) - $lost;
    }

    /** Stops that high-speed sync loses at a time shorter than the sync time; both in seconds. */
    public static function lostAt(float $time, float $sync): float
    {
        return $time >= $sync * 0.9 ? 0.0 : self::HIGH_SPEED_STOPS + log($sync / $time, 2);
    }
}
