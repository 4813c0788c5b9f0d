<?php

declare(strict_types=1);

namespace App\Models;

/** Where an attempt is on its way, and what may be done with it there. */
enum AttemptState: string
{
    /** The student is still preparing it. */
    case Draft = 'draft';
    /** Handed in, not opened yet. */
    case Waiting = 'waiting';
    /** The instructor has opened it. */
    case AtDesk = 'at-desk';
    /** The critique is published. */
    case Returned = 'returned';

    public function label(): string
    {
        return match ($this) {
            self::Draft => 'being prepared',
            self::Waiting => 'waiting',
            self::AtDesk => 'at the desk',
            self::Returned => 'returned',
        };
    }

    /**
     * The transition table: which steps are possible in each state, and the state that each leads to. A step that leads
     * to the state itself changes the attempt without moving it.
     */
    public function after(AttemptStep $step): ?self
    {
        return match ($this) {
            self::Draft => match ($step) {
                AttemptStep::Prepare => self::Draft,
                AttemptStep::HandIn => self::Waiting,
                default => null,
            },
            self::Waiting => match ($step) {
                AttemptStep::TakeBack => self::Draft,
                AttemptStep::Open => self::AtDesk,
                AttemptStep::SeeAtDesk, AttemptStep::Critique => self::Waiting,
                AttemptStep::Publish => self::Returned,
                default => null,
            },
            self::AtDesk => match ($step) {
                AttemptStep::SeeAtDesk, AttemptStep::Critique => self::AtDesk,
                AttemptStep::Publish => self::Returned,
                default => null,
            },
            self::Returned => match ($step) {
                AttemptStep::SeeAtDesk, AttemptStep::ReadReturn, AttemptStep::Answer,
                AttemptStep::Correct => self::Returned,
                AttemptStep::Recall => self::AtDesk,
                default => null,
            },
        };
    }

    public function allows(AttemptStep $step): bool
    {
        return $this->after($step) !== null;
    }

    /** @return list<self> the states in which a step is possible, for queries */
    public static function allowing(AttemptStep $step): array
    {
        return array_values(array_filter(self::cases(), fn (self $state): bool => $state->allows($step)));
    }
}
