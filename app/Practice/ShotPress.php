<?php

declare(strict_types=1);

namespace App\Practice;

use DateTimeImmutable;

/** The moment at which a person presses the shutter. */
final readonly class ShotPress
{
    /**
     * @param  int  $seed  of this press: its noise and its shake
     * @param  float  $moment  s since the scene began
     * @param  bool  $isSilent  by the electronic shutter, which reads row by row
     */
    public function __construct(
        public DateTimeImmutable $takenAt,
        public int $seed,
        public float $moment = 0.0,
        public bool $isSilent = false,
    ) {
    }
}
