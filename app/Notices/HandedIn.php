<?php

declare(strict_types=1);

namespace App\Notices;

use App\Models\Course;
use App\Models\NoticeKind;

/** What arrived for an instructor since the last time, in one. */
final class HandedIn extends Notice
{
    public function __construct(private readonly Course $course, private readonly int $attempts)
    {
        parent::__construct();
    }

    public function kind(): NoticeKind
    {
        return NoticeKind::HandedIn;
    }

    protected function sentence(): string
    {
        return sprintf(
            '%s handed in for %s since yesterday.',
            $this->attempts === 1 ? 'One attempt was' : $this->attempts.' attempts were',
            $this->course->name,
        );
    }

    /** @return array{string, string} */
    protected function link(): array
    {
        return [route('courses.desk', $this->course), 'Open the desk'];
    }
}
