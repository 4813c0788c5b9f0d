<?php

declare(strict_types=1);

namespace App\Critique;

use App\Models\FrameFinding;
use RuntimeException;

/** Somebody else has decided on a finding since it was read. */
final class StaleFinding extends RuntimeException
{
    public function __construct(public readonly FrameFinding $now)
    {
        parent::__construct(sprintf(
            '%s has decided on this meanwhile. What stands there now is theirs; what you wrote is below it.',
            $now->decidedBy->name ?? 'Somebody else',
        ));
    }
}
