<?php

declare(strict_types=1);

namespace App\Courses;

use App\Models\AttemptState;
use Illuminate\Support\Carbon;

/** Where one student stands in one brief: the latest attempt. */
final readonly class BoardCell
{
    /** @param  Carbon  $since  when it came to where it is */
    public function __construct(public int $attempt, public int $number, public AttemptState $state, public Carbon $since)
    {
    }
}
