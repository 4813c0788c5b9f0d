<?php

declare(strict_types=1);

namespace App\Practice;

use TruePupil\Core\Composition\Region;
use TruePupil\Core\Optics\SensorFormat;

/** What lens and sensor see of a scene. */
final readonly class RenderedView
{
    /**
     * @param  Region  $framing  the part of the plate
     * @param  float  $focalLength  mm
     * @param  float  $focused  m
     * @param  array{x: float, y: float}  $point  of the frame, where the lens focused
     * @param  float  $lean  degrees that the camera is turned clockwise
     * @param  ?Region  $window  the part of the frame that is drawn; null for all of it
     */
    public function __construct(
        public Region $framing,
        public float $focalLength,
        public SensorFormat $format,
        public float $focused,
        public array $point = ['x' => 0.5, 'y' => 0.5],
        public float $lean = 0.0,
        public ?Region $window = null,
    ) {
    }

    /** The same through a magnifier on the focus point, so many times as large. */
    public function magnified(float $times): self
    {
        [$x, $y] = FocusTarget::onPlate($this->framing, $this->point, $this->lean);
        $start = fn (float $at, float $from, float $size): float => max(
            0.0,
            min($size - $size / $times, $at - $from - $size / $times / 2),
        );
        $left = $start($x, $this->framing->x, $this->framing->width);
        $top = $start($y, $this->framing->y, $this->framing->height);

        return new self(
            Region::of(
                $this->framing->x + $left,
                $this->framing->y + $top,
                $this->framing->width / $times,
                $this->framing->height / $times,
            ),
            $this->focalLength,
            SensorFormat::ofSize($this->format->width / $times, $this->format->height / $times),
            $this->focused,
            $this->point,
            $this->lean,
            Region::of($left / $this->framing->width, $top / $this->framing->height, 1 / $times, 1 / $times),
        );
    }

    /**
     * Of what is worked out for each row of the whole frame, the rows that are drawn.
     *
     * @template T
     *
     * @param  callable(int): list<T>  $rows  for a number of rows
     * @return list<T>
     */
    public function drawnRows(callable $rows, int $height): array
    {
        if ($this->window === null) {
            return $rows($height);
        }
        $whole = (int) round($height / $this->window->height);

        return array_slice($rows($whole), min($whole - $height, (int) round($this->window->y * $whole)), $height);
    }

    /** Which row of the frame a height on the plate falls on; both shares from the top. */
    public function row(float $y): float
    {
        $row = ($y - $this->framing->y) / $this->framing->height;

        return $this->window === null ? $row : $this->window->y + $row * $this->window->height;
    }

    /** How much of the plate's height a frame takes in. */
    public function frameHeight(): float
    {
        return $this->framing->height / ($this->window->height ?? 1.0);
    }
}
