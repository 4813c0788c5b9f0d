<?php

declare(strict_types=1);

namespace TruePupil\Core\Measures;

use Closure;

/**
 * The light that a sensor held, small, in linear sRGB, balanced as the camera was: it goes on where a rendering is
 * white.
 */
final readonly class SensorLight
{
    /**
     * @param  int  $full  the value at which green is at the end of the sensor
     * @param  Closure(): string  $bytes  16 bits each, lowest first; red, green and blue of each pixel, row by row
     */
    public function __construct(public int $columns, public int $rows, public int $full, private Closure $bytes)
    {
    }

    public function bytes(): string
    {
        return ($this->bytes)();
    }
}
