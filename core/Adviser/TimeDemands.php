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
    ) {
    }
}
