<?php

declare(strict_types=1);

namespace App\Courses;

use Illuminate\Support\Carbon;

/** How a class stands in one set brief. */
final readonly class BriefCount
{
    /**
     * @param  int  $handedIn  students who have handed in at least once
     * @param  int  $returned  attempts whose critique is published
     * @param  ?Carbon  $oldest  when the one who has waited longest handed in
     */
    public function __construct(
        public int $setBrief, public int $number, public string $title, public int $revision, public ?Carbon $dueAt, public int $students,
        public int $handedIn, public int $drafts, public int $waiting, public int $atDesk, public int $returned, public ?Carbon $oldest,
    ) {
    }

    public function missing(): int
    {
        return max(0, $this->students - $this->handedIn);
    }

    public function isOverdue(): bool
    {
        return $this->dueAt !== null && $this->dueAt->isPast();
    }
}
