<?php

declare(strict_types=1);

namespace Symfony\Component\Clock;

use DateTimeZone;
use Psr\Clock\ClockInterface as PsrClockInterface;

/** A clock that can also sleep and change its time zone. */
interface ClockInterface extends PsrClockInterface
{
    /** @param  float|int  $seconds how long to wait, in seconds */
    public function sleep(float|int $seconds): void;

    public function withTimeZone(DateTimeZone|string $timezone): static;
}
