<?php

declare(strict_types=1);

namespace App\Practice;

use InvalidArgumentException;
use TruePupil\Core\Kit\Body;
use TruePupil\Core\Kit\Lens;
use TruePupil\Core\Sensor\SensorModel;

/** A made-up body with a made-up lens at one focal length: what the practice camera is, and writes into its records. */
final readonly class CameraSetup
{
    private const PIXELS_ACROSS = 6000;

    public string $make;

    /** @param  float  $focalLength  mm as marked on the lens */
    public function __construct(public Body $body, public Lens $lens, public float $focalLength, ?string $make = null)
    {
        if (! $lens->covers($focalLength)) {
            throw new InvalidArgumentException(
                sprintf(
                    '%s reaches from %s to %s mm; got %s mm.',
                    $lens->name,
                    $lens->minFocal,
                    $lens->maxFocal,
                    $focalLength,
                ),
            );
        }
        // A kit names its body in one: the maker's name comes first.
        $this->make = $make ?? explode(' ', $body->name)[0];
    }

    public function focalLength35(): float
    {
        return $this->focalLength * $this->body->format->crop();
    }

    public function sensor(): SensorModel
    {
        $across = $this->body->pixelsAcross ?? self::PIXELS_ACROSS;

        return SensorModel::typical(
            $this->body->format,
            (int) round(($across ** 2 * $this->body->format->height) / $this->body->format->width),
        );
    }

    public function stabiliserStops(): float
    {
        return max($this->body->stabiliserStops, $this->lens->stabiliserStops);
    }
}
