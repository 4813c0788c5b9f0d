<?php

declare(strict_types=1);

namespace App\Courses;

use Illuminate\Support\Carbon;
use stdClass;

/** How a class stands in one set brief. */
final readonly class BriefCount
{
    /**
     * @param  int  $handedIn  students who have handed in at least once
     * @param  int  $returned  attempts whose critique is published
     * @param  ?Carbon  $oldest  when the one who has waited longest handed in
     */
    public function __construct(
        public int $setBrief,
        public int $number,
        public string $title,
        public int $revision,
        public ?Carbon $dueAt,
        public int $students = 0,
        public int $handedIn = 0,
        public int $drafts = 0,
        public int $waiting = 0,
        public int $atDesk = 0,
        public int $returned = 0,
        public ?Carbon $oldest = null,
    ) {
    }

    /** @param  ?stdClass  $row  the sums as the database has them; null where nobody has begun */
    public function counted(int $students, ?stdClass $row): self
    {
        return new self(
            $this->setBrief,
            $this->number,
            $this->title,
            $this->revision,
            $this->dueAt,
            $students,
            (int) ($row->handed_in ?? 0),
            (int) ($row->drafts ?? 0),
            (int) ($row->waiting ?? 0),
            (int) ($row->at_desk ?? 0),
            (int) ($row->returned ?? 0),
            isset($row->oldest) ? Carbon::parse($row->oldest, 'UTC') : null,
        );
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
