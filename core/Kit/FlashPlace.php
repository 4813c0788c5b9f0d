<?php

declare(strict_types=1);

namespace TruePupil\Core\Kit;

use TruePupil\Core\Exposure\InvalidExposure;

/**
 * Where a flash stands that is not on the camera, seen from the subject: how far, how far to the side of the camera and
 * how far above it.
 *
 * Light goes in straight lines: on a wall g metres behind, the shadow lies g·tan(side) to the other side and
 * g·tan(height)/cos(side) below. The wall gets 2·log₂(D/d) stops less, where D is the way of the light to it along the
 * camera's axis: D² = d² + g² + 2·d·g·cos(side)·cos(height).
 */
final readonly class FlashPlace
{
    /** From here on it stands behind the subject. */
    private const BEHIND = 100.0;

    /** Flatter than this it might as well sit on the camera. */
    private const FRONTAL = 20.0;

    /** A grazing light draws no shadow on the wall that could be seen in the frame. */
    private const GRAZING = 80.0;

    /**
     * @param  float  $distance  m, from the flash to the subject
     * @param  float  $side  degrees from the camera's axis: positive to the right as the camera sees it, up to 180
     * @param  float  $height  degrees above the subject's eyes, negative below them
     *
     * @throws InvalidExposure
     */
    public function __construct(public float $distance, public float $side = 45.0, public float $height = 30.0)
    {
        InvalidExposure::unlessPositive('distance from the flash to the subject', $distance);
        if (abs($side) > 180.0) {
            throw new InvalidExposure('A flash stands at most 180° to the side: that is behind the subject.');
        }
        if (abs($height) >= 90.0) {
            throw new InvalidExposure('How high a flash stands is an angle of less than 90°.');
        }
    }

    /** Where it is, and what its light does to a face. */
    public function look(): string
    {
        return match (true) {
            abs($this->side) >= self::BEHIND => 'from behind: it draws a rim, and has to be kept out of the lens',
            $this->height < -self::FRONTAL => 'from below: shadows go up, as nobody knows them from daylight',
            abs($this->side) < self::FRONTAL && $this->height < self::FRONTAL => 'from the front: as flat as on the '.
                'camera',
            abs($this->side) < self::FRONTAL => 'from above: even on both cheeks, with shadows under nose and brows',
            abs($this->side) <= 60.0 => 'from the side: nose and cheeks have shape',
            default => 'from far at the side: half of the face lies in the dark',
        };
    }

    /** As the camera sees it: "45° to the left". */
    public function sideInWords(): string
    {
        return match (true) {
            abs($this->side) < 1.0 => 'above the camera',
            default => sprintf('%.0f° to the %s', abs($this->side), $this->side > 0 ? 'right' : 'left'),
        };
    }

    /**
     * How far beside and below the subject its shadow falls on a wall.
     *
     * @param  float  $behind  m from the subject to the wall
     * @return ?array{aside: float, below: float} m; negative below is above. Null where none falls there
     */
    public function shadow(float $behind): ?array
    {
        if (abs($this->side) > self::GRAZING || abs($this->height) > self::GRAZING) {
            return null;
        }
        $side = deg2rad(abs($this->side));

        return [
            'aside' => $behind * tan($side),
            'below' => $behind * tan(deg2rad($this->height)) / cos($side),
        ];
    }

    /**
     * Stops that something behind the subject gets less than the subject does; null where no light of it goes there.
     *
     * @param  float  $behind  m
     */
    public function wallUnder(float $behind): ?float
    {
        $along = cos(deg2rad($this->side)) * cos(deg2rad($this->height));
        if ($along <= 0.0) {
            return null;
        }

        return log(1 + ($behind / $this->distance) ** 2 + 2 * $behind / $this->distance * $along, 2);
    }
}
