<?php

declare(strict_types=1);

namespace TruePupil\Core\Kit;

use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\InvalidExposure;
use TruePupil\Core\Optics\InvalidOptics;

/** A lens: focal lengths in mm, f-numbers, closest focus in m. */
final readonly class Lens
{
    /** @throws InvalidOptics|InvalidExposure */
    public function __construct(
        public string $name,
        public float $minFocal,
        public float $maxFocal,
        public float $widestAtMin,
        public float $widestAtMax,
        public float $smallest = 22.0,
        public float $closestFocus = 0.0,
        public float $stabiliserStops = 0.0,
    ) {
        InvalidOptics::unlessPositive('shortest focal length', $minFocal, 'mm');
        InvalidOptics::unlessPositive('longest focal length', $maxFocal, 'mm');
        foreach (
            [
                'widest f-number' => $widestAtMin,
                'widest f-number at the long end' => $widestAtMax,
                'smallest aperture' => $smallest,
            ] as $what => $value
        ) {
            InvalidExposure::unlessPositive($what, $value);
        }
        if ($minFocal > $maxFocal) {
            throw InvalidExposure::reversed('the focal lengths of '.$name);
        }
        if (max($widestAtMin, $widestAtMax) > $smallest) {
            throw InvalidExposure::reversed('the apertures of '.$name);
        }
    }

    public static function prime(
        string $name,
        float $focalLength,
        float $widest,
        float $smallest = 22.0,
        float $closestFocus = 0.0,
    ): self {
        return new self($name, $focalLength, $focalLength, $widest, $widest, $smallest, $closestFocus);
    }

    public function covers(float $focalLength): bool
    {
        return $focalLength >= $this->minFocal * 0.995 && $focalLength <= $this->maxFocal * 1.005;
    }

    /**
     * Its widest f-number at a focal length. Between the ends of a zoom the aperture is taken to close evenly in stops
     * with the logarithm of the focal length; real zooms go in small steps about that line.
     *
     * @throws InvalidOptics when it does not reach the focal length
     */
    public function widestAt(float $focalLength): Aperture
    {
        if (! $this->covers($focalLength)) {
            throw InvalidOptics::beyondZoom($focalLength, $this->name, $this->minFocal, $this->maxFocal);
        }
        [$atMin, $atMax] = [Aperture::of($this->widestAtMin), Aperture::of($this->widestAtMax)];
        if ($focalLength <= $this->minFocal || $this->maxFocal <= $this->minFocal) {
            return $atMin;
        }
        if ($focalLength >= $this->maxFocal) {
            return $atMax;
        }
        $share = log($focalLength / $this->minFocal) / log($this->maxFocal / $this->minFocal);

        // Never wider than it truly is: up to the next third.
        return Aperture::atStep((int) ceil(3 * ($atMin->apex() + $share * ($atMax->apex() - $atMin->apex())) - 0.01));
    }

    public function limitsAt(float $focalLength): LensLimits
    {
        return new LensLimits($this->widestAt($focalLength)->nominal(), $this->smallest, $focalLength);
    }
}
