<?php

declare(strict_types=1);

namespace TruePupil\Core\Optics;

/** A distance as people read it. */
final class Metres
{
    /** @param  ?float  $metres  null: infinitely far */
    public static function text(?float $metres): string
    {
        return match (true) {
            $metres === null || is_infinite($metres) => 'the horizon',
            $metres < 1 => round($metres * 100, $metres < 0.1 ? 1 : 0).' cm',
            $metres < 10 => number_format($metres, 2).' m',
            default => number_format($metres, $metres < 100 ? 1 : 0).' m',
        };
    }
}
