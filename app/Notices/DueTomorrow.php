<?php

declare(strict_types=1);

namespace App\Notices;

use App\Models\NoticeKind;
use App\Models\SetBrief;

final class DueTomorrow extends Notice
{
    public function __construct(private readonly SetBrief $setBrief)
    {
        parent::__construct();
    }

    public function kind(): NoticeKind
    {
        return NoticeKind::DueTomorrow;
    }

    protected function sentence(): string
    {
        return sprintf(
            '"%s" is due %s, and nothing of yours is handed in yet.',
            $this->setBrief->content()->words->title,
            $this->setBrief->due_at === null ? 'soon' : $this->setBrief->course->formatMoment($this->setBrief->due_at),
        );
    }

    /** @return array{string, string} */
    protected function link(): array
    {
        return [route('set-briefs.show', $this->setBrief), 'Hand it in'];
    }
}
