<?php

declare(strict_types=1);

namespace App\Notices;

use App\Models\NoticeKind;
use App\Models\SetBrief;

final class BriefSet extends Notice
{
    public function __construct(private readonly SetBrief $setBrief)
    {
        parent::__construct();
    }

    public function kind(): NoticeKind
    {
        return NoticeKind::BriefSet;
    }

    protected function sentence(): string
    {
        $course = $this->setBrief->course;

        return sprintf(
            'A new brief in %s: "%s"%s.',
            $course->name,
            $this->setBrief->content()->words->title,
            $this->setBrief->due_at === null ? '' : ', due '.$course->formatMoment($this->setBrief->due_at),
        );
    }

    /** @return array{string, string} */
    protected function link(): array
    {
        return [route('set-briefs.show', $this->setBrief), 'Read the brief'];
    }
}
