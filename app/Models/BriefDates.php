<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;

/** From when to when a set brief is worked at: for a whole course, or for one student who has been given more time. */
final readonly class BriefDates
{
    public function __construct(
        public ?Carbon $opensAt = null,
        public ?Carbon $dueAt = null,
        public ?Carbon $closesAt = null,
        public bool $isExtended = false,
    ) {
    }

    /** More time for one student: never less than everybody has, and the brief stays open until then. */
    public function extendedTo(?Carbon $until): self
    {
        if ($until === null || $this->dueAt === null || ! $until->greaterThan($this->dueAt)) {
            return $this;
        }

        return new self(
            $this->opensAt,
            $until,
            $this->closesAt !== null && $until->greaterThan($this->closesAt) ? $until : $this->closesAt,
            true,
        );
    }

    public function isOpened(): bool
    {
        return $this->opensAt === null || ! $this->opensAt->isFuture();
    }

    public function isClosed(): bool
    {
        return $this->closesAt !== null && ! $this->closesAt->isFuture();
    }

    public function isOverdue(): bool
    {
        return $this->dueAt !== null && $this->dueAt->isPast();
    }

    /** Whether something that was handed in then was handed in late. */
    public function isLate(?Carbon $handedIn): bool
    {
        return $this->dueAt !== null && $handedIn !== null && $handedIn->greaterThan($this->dueAt);
    }
}
