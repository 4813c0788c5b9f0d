<?php

declare(strict_types=1);

namespace TruePupil\Core\Capture;

/** A place in the picture where the camera focused, as fractions of the frame as the sensor lay. */
final readonly class FocusPoint
{
    private function __construct(public float $x, public float $y)
    {
    }

    /** @return ?self null where the place lies outside the picture */
    public static function of(float $x, float $y): ?self
    {
        return $x < 0 || $x > 1 || $y < 0 || $y > 1 ? null : new self($x, $y);
    }

    /**
     * The same place in the picture as it is shown.
     *
     * @param  int  $orientation  EXIF orientation, 1–8
     */
    public function turned(int $orientation): self
    {
        [$x, $y] = [$this->x, $this->y];

        return match ($orientation) {
            2 => new self(1 - $x, $y),
            3 => new self(1 - $x, 1 - $y),
            4 => new self($x, 1 - $y),
            5 => new self($y, $x),
            6 => new self(1 - $y, $x),
            7 => new self(1 - $y, 1 - $x),
            8 => new self($y, 1 - $x),
            default => $this,
        };
    }
}
