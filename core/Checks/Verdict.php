<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks;

/** What came of a check. */
enum Verdict: string
{
    case Met = 'met';
    /** Missed, but within the check's tolerance. */
    case Close = 'close';
    case Missed = 'missed';
    /** Something needed for it is not known. */
    case Unknown = 'unknown';

    /** Whether it is known not to be met. */
    public function isOff(): bool
    {
        return $this === self::Close || $this === self::Missed;
    }

    public function label(): string
    {
        return match ($this) {
            self::Met => 'met',
            self::Close => 'close',
            self::Missed => 'missed',
            self::Unknown => 'cannot be told yet',
        };
    }
}
