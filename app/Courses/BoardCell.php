<?php

declare(strict_types=1);

namespace App\Courses;

use App\Models\AttemptState;
use DateTimeImmutable;

/** Where one student stands in one brief: the latest attempt. */
final readonly class BoardCell
{
    /**
     * @param  DateTimeImmutable  $since
     *   when it came to where it is, in the time of the course: plain, since a board has hundreds
     * @param  ?int  $frame  the first that can be shown
     * @param  bool  $isLate  whether it was handed in after its student's date
     * @param  ?CheckVerdicts  $checks  how it came out, where that was asked for
     * @param  ?string  $mark  that its instructor gave, in words
     */
    public function __construct(
        public int $attempt,
        public int $number,
        public AttemptState $state,
        public DateTimeImmutable $since,
        public ?int $frame = null,
        public bool $isLate = false,
        public ?CheckVerdicts $checks = null,
        public ?string $mark = null,
    ) {
    }
}
