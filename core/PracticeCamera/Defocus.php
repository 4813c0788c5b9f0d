<?php

declare(strict_types=1);

namespace TruePupil\Core\PracticeCamera;

use InvalidArgumentException;
use TruePupil\Core\Optics\BlurDisc;

/**
 * Depth of field as layers: a picture is taken apart by distance, each part blurred by one disc and laid over the ones
 * behind it.
 *
 * A distance whose disc lies between two layers' is shared between them so that the spread (the disc's mean square
 * radius) stays its own.
 */
final readonly class Defocus
{
    /** Each layer's disc is about this many times the next one's. */
    private const RATIO = 1.6;

    /** @var list<float> of the radii, each with its sign */
    private array $squares;

    /** Radius in pixels of a point infinitely far off. */
    private float $atInfinity;

    /**
     * @param  list<float>  $radii
     *   radius of each layer's disc in pixels, the farthest layer first; negative in front of the focused distance
     */
    private function __construct(
        float $focalLength,
        float $fNumber,
        private float $focused,
        float $pixelsPerMillimetre,
        public array $radii,
    ) {
        $this->squares = array_map(self::signedSquare(...), $radii);
        // At twice the focused distance a disc is half as wide as at infinity, and it goes with 1 − s/d.
        $this->atInfinity =
            BlurDisc::of($focalLength, $fNumber, $focused, 2 * $focused)->millimetres * $pixelsPerMillimetre;
    }

    /**
     * @param  float  $focalLength  mm
     * @param  float  $focused  m
     * @param  float  $pixelsPerMillimetre  of the picture, on the sensor
     * @param  float  $nearest  m, of anything in the picture
     * @param  float  $farthest  m, INF for the sky
     * @param  int  $most  layers
     * @param  float  $sharp  pixels across: a smaller disc counts as a point
     */
    public static function of(
        float $focalLength,
        float $fNumber,
        float $focused,
        float $pixelsPerMillimetre,
        float $nearest,
        float $farthest,
        int $most = 14,
        float $sharp = 0.9,
    ): self {
        if ($most < 3) {
            throw new InvalidArgumentException(sprintf('Depth of field takes at least three layers; got %d.', $most));
        }
        $plain = new self($focalLength, $fNumber, $focused, $pixelsPerMillimetre, [0.0]);
        $behind = self::steps(max(0.0, $plain->radius($farthest)), intdiv($most, 2), $sharp);
        $before = self::steps(max(0.0, -$plain->radius($nearest)), $most - 1 - intdiv($most, 2), $sharp);
        $radii = [...array_reverse($behind), 0.0, ...array_map(fn (float $radius): float => -$radius, $before)];

        return new self($focalLength, $fNumber, $focused, $pixelsPerMillimetre, $radii);
    }

    /** Signed radius of the disc in pixels that a distance in metres blurs to: positive behind the focused distance. */
    public function radius(float $metres): float
    {
        return $this->atInfinity * (1 - $this->focused / max($metres, 1e-3));
    }

    /**
     * The share of each layer in what lies at a distance in metres, farthest layer first; sums to 1.
     *
     * @return list<float>
     */
    public function shares(float $metres): array
    {
        $at = self::signedSquare($this->radius($metres));
        $last = count($this->squares) - 1;
        $shares = array_fill(0, $last + 1, 0.0);
        if ($at >= $this->squares[0]) {
            $shares[0] = 1.0;

            return $shares;
        }
        for ($layer = 0; $layer < $last; $layer++) {
            $near = $this->squares[$layer + 1];
            if ($at >= $near) {
                $shares[$layer] = ($at - $near) / ($this->squares[$layer] - $near);
                $shares[$layer + 1] = 1 - $shares[$layer];

                return array_values($shares);
            }
        }
        $shares[$last] = 1.0;

        return array_values($shares);
    }

    private static function signedSquare(float $radius): float
    {
        return $radius * abs($radius);
    }

    /** @return list<float> growing radii up to the largest, none that cannot be seen */
    private static function steps(float $largest, int $most, float $sharp): array
    {
        if (2 * $largest < $sharp) {
            return [];
        }
        $count = max(1, min($most, 1 + (int) ceil(log((2 * $largest) / $sharp) / log(self::RATIO))));
        $smallest = $sharp / 2;
        if ($count === 1) {
            return [$largest];
        }

        return array_map(
            fn (int $step): float => $smallest * ($largest / $smallest) ** ($step / ($count - 1)),
            range(0, $count - 1),
        );
    }
}
