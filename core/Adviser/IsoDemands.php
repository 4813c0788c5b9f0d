<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Kit\Body;

/** What bounds ISO, as Sv. */
final readonly class IsoDemands
{
    public function __construct(
        public float $lowest,
        public float $base,
        /** The ceiling that was asked for, or the body's. */
        public float $ceiling,
        public float $highest,
        public ?float $comfortable,
    ) {
    }
}
