<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

/** Settings with the flash of the kit. */
final readonly class FlashCandidate
{
    /** @param  float  $under  stops by which the surroundings get less than they need; 0 where they are exposed for */
    public function __construct(
        public Candidate $candidate,
        public SuggestedFlash $flash,
        public float $under,
    ) {
    }
}
