<?php

declare(strict_types=1);

namespace TruePupil\Core\Situation;

use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Plan\Plan;

/** What the student says of a frame. */
final readonly class Statement
{
    public function __construct(
        public Intent $intent = new Intent(),
        public ?Plan $plan = null,
        /**
         * Why the picture is composed so, in the student's words; null where nobody was asked, empty where nothing was
         * said.
         */
        public ?string $reason = null,
        /** Whether one frame of the attempt was chosen as the best, with a reason. */
        public bool $hasFavourite = false,
        /** Whether its student would hang it on a wall; null where nobody said. */
        public ?bool $wouldHang = null,
    ) {
    }
}
