<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

/** What bounds the exposure time, as Tv. */
final readonly class TimeDemands
{
    public function __construct(
        public float $slowest,
        public float $fastest,
        /** Hands hold still from here on. */
        public ?float $shake,
        /** Movement is sharp enough from here on. */
        public ?float $movement,
        /** Movement shows up to here. */
        public ?float $look,
        /** Slower than this, the shutter is held open by hand or by a release: bulb. */
        public float $bulb = -INF,
        /** Whether what moves is alive or in the wind: then a time a little shorter is worth something. */
        public bool $stirs = false,
        /** What hands hold without a stabiliser. */
        public ?float $unsteadied = null,
        /** Whether a time much longer than movement needs is still as good, as with mist over the sea. */
        public bool $isLongAsGood = false,
    ) {
    }
}
