<?php

declare(strict_types=1);

namespace TruePupil\Core\Composition;

/** A place of the frame in words, by its ninths: "upper left", "centre", "lower right". */
final class PlaceName
{
    /**
     * @param  float  $x  fraction of the width
     * @param  float  $y  fraction of the height
     */
    public static function of(float $x, float $y): string
    {
        $row = $y < 0.4 ? 'upper' : ($y > 0.6 ? 'lower' : 'middle');
        $column = $x < 0.4 ? 'left' : ($x > 0.6 ? 'right' : 'centre');

        return $row === 'middle' && $column === 'centre' ? 'centre' : "$row $column";
    }
}
