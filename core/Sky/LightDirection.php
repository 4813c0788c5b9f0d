<?php

declare(strict_types=1);

namespace TruePupil\Core\Sky;

/** Where the light comes from, as the camera sees it. */
enum LightDirection: string
{
    /** From behind the camera. */
    case Front = 'front';
    case Side = 'side';
    /** From behind the subject. */
    case Back = 'back';
    case Top = 'top';

    /** Higher than this the sun shines from above, whichever way the camera points: degrees. */
    public const HIGH = 60.0;

    /** Within this of straight behind, or straight ahead, it is no side light: degrees. */
    public const NARROW = 45.0;

    /** The limb of the sun is above the horizon from here: degrees. */
    private const UP = -0.83;

    public function label(): string
    {
        return match ($this) {
            self::Front => 'front light: from behind the camera',
            self::Side => 'side light',
            self::Back => 'back light: from behind the subject',
            self::Top => 'top light: from high above',
        };
    }

    /**
     * Of the sun, for a camera that points to a bearing; null while it is down.
     *
     * @param  float  $bearing  degrees from north through east
     */
    public static function of(SkyPosition $sun, float $bearing): ?self
    {
        $off = abs(self::relative($sun->azimuth, $bearing));

        return match (true) {
            $sun->altitude < self::UP => null,
            $sun->altitude > self::HIGH => self::Top,
            $off <= self::NARROW => self::Back,
            $off >= 180.0 - self::NARROW => self::Front,
            default => self::Side,
        };
    }

    /** How far to the right of where the camera points, degrees from −180 to 180. */
    public static function relative(float $azimuth, float $bearing): float
    {
        return fmod($azimuth - $bearing + 900.0, 360.0) - 180.0;
    }
}
