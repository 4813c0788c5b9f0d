<?php

declare(strict_types=1);

namespace TruePupil\Core\Composition;

use InvalidArgumentException;

/** What somebody drew on a picture to point at something: a line, an arrow from its tail to its tip, an outline. */
final readonly class Pointing
{
    /** More points than a hand draws, simplified. */
    public const MOST = 120;

    /** The head of an arrow: its length as a share of the picture's width, and the angle of either side, in degrees. */
    private const HEAD = 0.035;

    private const ANGLE = 26.0;

    /** @param  non-empty-list<array{float, float}>  $points  across and down, as shares of the picture */
    private function __construct(public PointingShape $shape, public array $points)
    {
    }

    /**
     * @param  list<array{float, float}>  $points
     *
     * @throws InvalidArgumentException where a shape cannot be drawn through these points
     */
    public static function of(PointingShape $shape, array $points): self
    {
        $count = count($points);
        $most = $shape === PointingShape::Outline ? self::MOST : 2;
        if ($points === [] || $count < $shape->least() || $count > $most) {
            throw new InvalidArgumentException(sprintf(
                'An %s has %d to %d points; these are %d.',
                $shape->value,
                $shape->least(),
                $most,
                $count,
            ));
        }
        foreach ($points as [$x, $y]) {
            if ($x < 0.0 || $x > 1.0 || $y < 0.0 || $y > 1.0) {
                throw new InvalidArgumentException('A point lies outside the picture.');
            }
        }

        return new self($shape, $points);
    }

    /**
     * The strokes to draw, each through its points.
     *
     * @param  float  $aspect  width by height of the picture, so that the head of an arrow is even
     * @return list<list<array{float, float}>> shares of the picture
     */
    public function strokes(float $aspect): array
    {
        if ($this->shape === PointingShape::Outline) {
            return [[...$this->points, $this->points[0]]];
        }
        if ($this->shape === PointingShape::Line) {
            return [$this->points];
        }
        [[$fromX, $fromY], [$x, $y]] = [$this->points[0], $this->points[1]];
        $way = atan2(($y - $fromY) / $aspect, $x - $fromX);
        $side = fn (float $turn): array => [
            $x - self::HEAD * cos($way + deg2rad($turn)),
            $y - self::HEAD * $aspect * sin($way + deg2rad($turn)),
        ];

        return [$this->points, [$side(self::ANGLE), [$x, $y], $side(-self::ANGLE)]];
    }

    /**
     * Where its number stands: at the tail of an arrow or a line, at the top of an outline.
     *
     * @return array{float, float}
     */
    public function foot(): array
    {
        $foot = $this->points[0];
        foreach ($this->shape === PointingShape::Outline ? $this->points : [] as $point) {
            $foot = $point[1] < $foot[1] ? $point : $foot;
        }

        return $foot;
    }
}
