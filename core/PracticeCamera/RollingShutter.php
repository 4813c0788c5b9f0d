<?php

declare(strict_types=1);

namespace TruePupil\Core\PracticeCamera;

/**
 * A silent shutter: the sensor is read row by row from the top, each row exposed a little later than the one above.
 * What moves leans, and lamps that pulse draw bands.
 */
final readonly class RollingShutter
{
    /** A common time in which a sensor of 24 megapixels is read from top to bottom, s. */
    public const READOUT = 1 / 30;

    /** Lamps on alternating current of 50 Hz are brightest twice in each turn of it, Hz. */
    public const PULSES = 100.0;

    /**
     * How much further over a row at a share of the height is than the middle row, in what the movement is given in.
     *
     * @param  float  $perSecond  e.g. plate widths a second
     * @param  float  $row  share of the frame's height, 0 at the top
     */
    public static function lean(float $perSecond, float $row): float
    {
        return $perSecond * self::READOUT * ($row - 0.5);
    }

    /**
     * The light of a pulsing lamp in each row from the top, 1 for its mean: 1 + m·cos(2π·f·t) integrated over the time
     * in which the row is exposed.
     *
     * @param  float  $depth  m, from 0 for a steady lamp to 1 for one that goes dark between pulses
     * @param  float  $seconds  the exposure
     * @param  float  $phase  share of a pulse at which the first row begins
     * @return list<float>
     */
    public static function rows(int $count, float $depth, float $seconds, float $phase): array
    {
        $turn = 2 * M_PI * self::PULSES;

        return array_map(function (int $row) use ($count, $depth, $seconds, $phase, $turn): float {
            $begin = $turn * (self::READOUT * ($row + 0.5)) / $count + 2 * M_PI * $phase;

            return 1 + ($depth * (sin($begin + $turn * $seconds) - sin($begin))) / ($turn * $seconds);
        }, range(0, $count - 1));
    }
}
