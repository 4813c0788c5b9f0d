<?php

declare(strict_types=1);

namespace App\Notices;

use App\Models\NoticeKind;
use App\Models\SetBrief;
use Illuminate\Support\Carbon;

final class MoreTime extends Notice
{
    public function __construct(private readonly SetBrief $setBrief, private readonly Carbon $until)
    {
        parent::__construct();
    }

    public function kind(): NoticeKind
    {
        return NoticeKind::MoreTime;
    }

    protected function sentence(): string
    {
        return sprintf(
            'You have until %s for "%s".',
            $this->setBrief->course->formatMoment($this->until),
            $this->setBrief->content()->words->title,
        );
    }

    /** @return array{string, string} */
    protected function link(): array
    {
        return [route('set-briefs.show', $this->setBrief), 'Look at the brief'];
    }
}
