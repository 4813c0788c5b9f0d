<?php

declare(strict_types=1);

namespace TruePupil\Core\Day;

/** What a shot is for, in the order in which a place is told: where one is, what there is, what happens. */
enum ShotKind: string
{
    case Surroundings = 'surroundings';
    case Detail = 'detail';
    case Moment = 'moment';

    public function label(): string
    {
        return match ($this) {
            self::Surroundings => 'the surroundings',
            self::Detail => 'a detail',
            self::Moment => 'a moment to wait for',
        };
    }

    public function heading(): string
    {
        return match ($this) {
            self::Surroundings => 'The surroundings first',
            self::Detail => 'Then the details',
            self::Moment => 'Moments to wait for',
        };
    }

    public function rank(): int
    {
        return match ($this) {
            self::Surroundings => 0,
            self::Detail => 1,
            self::Moment => 2,
        };
    }
}
