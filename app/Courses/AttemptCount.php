<?php

declare(strict_types=1);

namespace App\Courses;

use Illuminate\Support\Carbon;

/** How many attempts at a brief are in which state. */
final readonly class AttemptCount
{
    /**
     * @param  int  $handedIn  students who have handed in at least once
     * @param  int  $returned  attempts whose critique is published
     * @param  ?Carbon  $oldest  when the one who has waited longest handed in
     */
    public function __construct(
        public int $handedIn = 0,
        public int $drafts = 0,
        public int $waiting = 0,
        public int $atDesk = 0,
        public int $returned = 0,
        public ?Carbon $oldest = null,
    ) {
    }
}
