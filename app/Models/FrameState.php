<?php

declare(strict_types=1);

namespace App\Models;

/** How far the analysis of a frame has come. */
enum FrameState: string
{
    case Reading = 'reading';
    case Ready = 'ready';
    case Judging = 'judging';
    case Judged = 'judged';
    case Refused = 'refused';

    public function isBusy(): bool
    {
        return $this === self::Reading || $this === self::Judging;
    }
}
