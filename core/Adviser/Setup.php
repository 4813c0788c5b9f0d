<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use TruePupil\Core\Capture\Support;

/** What stands before the dials are turned: lens and focal length, support, filter, and what they demand. */
final readonly class Setup
{
    public function __construct(
        public LensChoice $choice,
        public Demands $demands,
        public Support $support,
        /** Stops that the filter takes; 0 for none. */
        public float $filter,
    ) {
    }

    /** @param  array<string, float>  $violations */
    public function candidate(float $av, float $tv, float $sv, float $cost, array $violations = []): Candidate
    {
        return new Candidate($this->choice, $this->demands, $this->support, $this->filter, $av, $tv, $sv, $cost, $violations);
    }
}
