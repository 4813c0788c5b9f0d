<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings;

/** How much a finding weighs. Praise is a finding too. */
enum Severity: string
{
    case Fault = 'fault';
    case Weakness = 'weakness';
    case Choice = 'choice';
    case Praise = 'praise';

    public function label(): string
    {
        return match ($this) {
            self::Fault => 'to put right',
            self::Weakness => 'could be better',
            self::Choice => 'a choice to know about',
            self::Praise => 'well done',
        };
    }

    /** Order of the kinds: what must be put right first, praise last. */
    public function rank(): int
    {
        return match ($this) {
            self::Fault => 0,
            self::Weakness => 1,
            self::Choice => 2,
            self::Praise => 3,
        };
    }

    /** Against a choice to know about. Praise stands apart. */
    public function weight(): float
    {
        return match ($this) {
            self::Fault => 3.0,
            self::Weakness => 2.0,
            self::Choice, self::Praise => 1.0,
        };
    }
}
