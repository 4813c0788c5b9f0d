<?php

declare(strict_types=1);

namespace TruePupil\Core\Composition;

use InvalidArgumentException;

/** A rectangle on a frame as fractions of its displayed width and height, from the top left corner. */
final readonly class Region
{
    private function __construct(public float $x, public float $y, public float $width, public float $height)
    {
    }

    /** @throws InvalidArgumentException when it is empty or leaves the frame */
    public static function of(float $x, float $y, float $width, float $height): self
    {
        $slack = 1e-6;
        foreach ([$x, $y, $width, $height] as $number) {
            if (! is_finite($number)) {
                throw new InvalidArgumentException('A region is four finite numbers: x, y, width and height.');
            }
        }
        if (
            $width <= 0 ||
            $height <= 0 ||
            $x < -$slack ||
            $y < -$slack ||
            $x + $width > 1 + $slack ||
            $y + $height > 1 + $slack
        ) {
            throw new InvalidArgumentException(
                sprintf(
                    'A region lies inside the frame and has a size, all as fractions of it; got x %s, y %s, width %s, '.
                        'height %s.',
                    $x,
                    $y,
                    $width,
                    $height,
                ),
            );
        }

        return new self(max(0.0, $x), max(0.0, $y), min($width, 1 - max(0.0, $x)), min($height, 1 - max(0.0, $y)));
    }

    /** Reads "x,y,w,h" as fractions. @throws InvalidArgumentException */
    public static function parse(string $text): self
    {
        $parts = array_map(trim(...), explode(',', $text));
        if (count($parts) !== 4 || array_filter($parts, is_numeric(...)) !== $parts) {
            throw new InvalidArgumentException(
                sprintf('"%s" is not a region; write x,y,w,h as fractions of the frame.', $text),
            );
        }

        return self::of((float) $parts[0], (float) $parts[1], (float) $parts[2], (float) $parts[3]);
    }

    /** Percentage of the frame that it covers. */
    public function sharePct(): float
    {
        return 100 * $this->width * $this->height;
    }

    public function holds(float $x, float $y): bool
    {
        return $x >= $this->x - 1e-9 &&
            $x <= $this->x + $this->width + 1e-9 &&
            $y >= $this->y - 1e-9 &&
            $y <= $this->y + $this->height + 1e-9;
    }

    public function contains(self $other): bool
    {
        return $this->holds($other->x, $other->y) &&
            $this->holds($other->x + $other->width, $other->y + $other->height);
    }

    /** The part of this region that lies inside another, 0–1. */
    public function shareInside(self $other): float
    {
        $width = min($this->x + $this->width, $other->x + $other->width) - max($this->x, $other->x);
        $height = min($this->y + $this->height, $other->y + $other->height) - max($this->y, $other->y);

        return $width <= 0 || $height <= 0 ? 0.0 : ($width * $height) / ($this->width * $this->height);
    }

    /** A square of this share of the longer side round a point, moved inside where it would leave the frame. */
    public static function round(float $x, float $y, float $share, float $aspect): self
    {
        [$width, $height] = [$share * min(1.0, 1 / $aspect), $share * min(1.0, $aspect)];

        return self::of(
            max(0.0, min(1 - $width, $x - $width / 2)),
            max(0.0, min(1 - $height, $y - $height / 2)),
            $width,
            $height,
        );
    }

    /** With this share of its sides more on every side, as far as the frame goes. */
    public function grown(float $share): self
    {
        [$left, $top] = [max(0.0, $this->x - $share * $this->width), max(0.0, $this->y - $share * $this->height)];

        return self::of(
            $left,
            $top,
            min(1.0, $this->x + (1 + $share) * $this->width) - $left,
            min(1.0, $this->y + (1 + $share) * $this->height) - $top,
        );
    }

    /** @return array{x: float, y: float} */
    public function centre(): array
    {
        return ['x' => $this->x + $this->width / 2, 'y' => $this->y + $this->height / 2];
    }

    /** @return array{x: float, y: float, width: float, height: float} */
    public function toArray(): array
    {
        return ['x' => $this->x, 'y' => $this->y, 'width' => $this->width, 'height' => $this->height];
    }
}
