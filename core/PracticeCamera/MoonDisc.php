<?php

declare(strict_types=1);

namespace TruePupil\Core\PracticeCamera;

/** The moon in the sky: half a degree across, lit from one side as far as its phase goes. */
final readonly class MoonDisc
{
    /** Degrees across. */
    private const DIAMETER = 0.52;

    /** cd/m² of its lit face. */
    public const LUMINANCE = 2500.0;

    /**
     * @param  array{float, float, float}  $direction  where it stands, x right, y up, z away
     * @param  float  $lit  share of the disc that is lit: 0.5 at half moon
     */
    public function __construct(public array $direction, public float $lit)
    {
    }

    /** Its diameter in plate widths. */
    public function diameter(Viewpoint $view): float
    {
        return (deg2rad(self::DIAMETER) * $view->focalLength35) / 36;
    }

    /**
     * Whether a point of the disc is lit: x and y from −1 to 1, the light coming from the right. The edge of the light
     * is half an ellipse.
     */
    public function isLit(float $x, float $y): bool
    {
        if ($x * $x + $y * $y > 1.0) {
            return false;
        }

        return $x >= (1 - 2 * $this->lit) * sqrt(1 - $y * $y);
    }
}
