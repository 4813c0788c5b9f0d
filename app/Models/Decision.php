<?php

declare(strict_types=1);

namespace App\Models;

/** What the instructor decided about a finding. */
enum Decision: string
{
    case Open = 'open';
    case Accepted = 'accepted';
    case Reworded = 'reworded';
    case Dismissed = 'dismissed';
}
