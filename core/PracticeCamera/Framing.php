<?php

declare(strict_types=1);

namespace TruePupil\Core\PracticeCamera;

use InvalidArgumentException;
use TruePupil\Core\Composition\Region;

/**
 * The part of a plate that a longer lens sees from the same spot: fractions of the plate in proportion to the focal
 * lengths, since a rectilinear frame's width is proportional to 1/f.
 */
final class Framing
{
    /**
     * @param  float  $plateFocalLength  the 35 mm equivalent focal length that the plate was made for, mm
     * @param  float  $focalLength  the lens's, mm; not shorter than the plate's
     * @param  array{x: float, y: float}  $aim  the plate point to centre on, moved so that the frame stays on the plate
     *
     * @throws InvalidArgumentException when the lens would see beyond the plate
     */
    public static function of(
        float $plateFocalLength,
        float $focalLength,
        array $aim = ['x' => 0.5, 'y' => 0.5],
    ): Region {
        if ($focalLength < $plateFocalLength) {
            throw new InvalidArgumentException(
                sprintf('This scene reaches no wider than %s mm; got %s mm.', $plateFocalLength, $focalLength),
            );
        }
        $share = $plateFocalLength / $focalLength;
        $start = fn (float $centre): float => max(0.0, min(1 - $share, $centre - $share / 2));

        return Region::of($start($aim['x']), $start($aim['y']), $share, $share);
    }
}
