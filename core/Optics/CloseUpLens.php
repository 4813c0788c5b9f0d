<?php

declare(strict_types=1);

namespace TruePupil\Core\Optics;

/**
 * A lens of D dioptres before one that is set to infinity focuses at 1/D m and gives f·D of magnification (f in m); it
 * takes no light. Example: 2 dioptres before 100 mm: 0.5 m, a fifth of life size.
 */
final readonly class CloseUpLens
{
    private function __construct(
        /** m from it to the subject. */
        public float $distance,
        public float $magnification,
    ) {
    }

    /**
     * @param  float  $dioptres  of all that are screwed on together
     * @param  float  $focalLength  mm
     *
     * @throws InvalidOptics
     */
    public static function of(float $dioptres, float $focalLength): self
    {
        InvalidOptics::unlessPositive('dioptres', $dioptres);
        InvalidOptics::unlessPositive('focal length', $focalLength, 'mm');

        return new self(1 / $dioptres, $focalLength / 1000 * $dioptres);
    }
}
