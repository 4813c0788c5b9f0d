<?php

declare(strict_types=1);

namespace App\Courses;

use App\Models\BriefDates;
use Illuminate\Support\Carbon;

/** How a class stands in one set brief. */
final readonly class BriefCount
{
    public function __construct(
        public int $setBrief,
        public int $number,
        public string $title,
        public int $revision,
        public BriefDates $dates,
        public bool $hidden = false,
        public int $students = 0,
        public AttemptCount $attempts = new AttemptCount(),
    ) {
    }

    public function counted(int $students, AttemptCount $attempts): self
    {
        return new self(
            setBrief: $this->setBrief,
            number: $this->number,
            title: $this->title,
            revision: $this->revision,
            dates: $this->dates,
            hidden: $this->hidden,
            students: $students,
            attempts: $attempts,
        );
    }

    public function missing(): int
    {
        return max(0, $this->students - $this->attempts->handedIn);
    }

    /** What students do not see, nobody is late with. */
    public function isOverdue(): bool
    {
        return ! $this->hidden && $this->dates->isOverdue();
    }

    /** As one student has it, who has been given more time. */
    public function extendedTo(?Carbon $until): self
    {
        return new self(
            $this->setBrief,
            $this->number,
            $this->title,
            $this->revision,
            $this->dates->extendedTo($until),
            $this->hidden,
            $this->students,
            $this->attempts,
        );
    }
}
