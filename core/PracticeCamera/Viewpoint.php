<?php

declare(strict_types=1);

namespace TruePupil\Core\PracticeCamera;

/**
 * Where a plate was seen from: what lies in space falls on the plate by central projection. Metres; x to the right, y
 * up, z away. Places on the plate are fractions of its width and height from the upper left corner.
 */
final readonly class Viewpoint
{
    /** Plates have the shape of 36x24 mm. */
    private const HALF_WIDTH = 18.0;

    private const SHAPE = 1.5;

    /** @var array{float, float, float} */
    private array $forward;

    /** @var array{float, float, float} */
    private array $right;

    /** @var array{float, float, float} */
    private array $up;

    /**
     * @param  array{float, float, float}  $at
     * @param  array{float, float, float}  $towards
     * @param  float  $focalLength35  mm, of the lens on 36x24 mm that sees the plate
     */
    public function __construct(private array $at, array $towards, public float $focalLength35)
    {
        $away = [$towards[0] - $at[0], $towards[1] - $at[1], $towards[2] - $at[2]];
        $this->forward = self::unit($away);
        $this->right = self::unit([$this->forward[2], 0.0, -$this->forward[0]]);
        $this->up = self::cross($this->forward, $this->right);
    }

    /**
     * Where a point falls on the plate and how far it is along the line of sight, in metres; null behind the camera.
     *
     * @param  array{float, float, float}  $point
     * @return ?array{x: float, y: float, distance: float}
     */
    public function see(array $point): ?array
    {
        return $this->look([$point[0] - $this->at[0], $point[1] - $this->at[1], $point[2] - $this->at[2]]);
    }

    /**
     * Where a direction falls, of something endlessly far away.
     *
     * @param  array{float, float, float}  $direction
     * @return ?array{x: float, y: float}
     */
    public function seeDirection(array $direction): ?array
    {
        $seen = $this->look($direction);

        return $seen === null ? null : ['x' => $seen['x'], 'y' => $seen['y']];
    }

    /** Plate widths that a metre takes up at a distance in metres. */
    public function widthsPerMetre(float $distance): float
    {
        return $this->focalLength35 / (2 * self::HALF_WIDTH * $distance);
    }

    /**
     * @param  array{float, float, float}  $offset
     * @return ?array{x: float, y: float, distance: float}
     */
    private function look(array $offset): ?array
    {
        $depth = self::dot($offset, $this->forward);
        if ($depth <= 0.0) {
            return null;
        }
        $scale = $this->widthsPerMetre($depth);

        return [
            'x' => 0.5 + $scale * self::dot($offset, $this->right),
            'y' => 0.5 - self::SHAPE * $scale * self::dot($offset, $this->up),
            'distance' => $depth,
        ];
    }

    /**
     * @param  array{float, float, float}  $a
     * @param  array{float, float, float}  $b
     */
    private static function dot(array $a, array $b): float
    {
        return $a[0] * $b[0] + $a[1] * $b[1] + $a[2] * $b[2];
    }

    /**
     * @param  array{float, float, float}  $a
     * @param  array{float, float, float}  $b
     * @return array{float, float, float}
     */
    private static function cross(array $a, array $b): array
    {
        return [$a[1] * $b[2] - $a[2] * $b[1], $a[2] * $b[0] - $a[0] * $b[2], $a[0] * $b[1] - $a[1] * $b[0]];
    }

    /**
     * @param  array{float, float, float}  $a
     * @return array{float, float, float}
     */
    private static function unit(array $a): array
    {
        $length = sqrt(self::dot($a, $a));

        return [$a[0] / $length, $a[1] / $length, $a[2] / $length];
    }
}
