<?php

declare(strict_types=1);

namespace App\Notices;

use App\Models\NoticeKind;
use App\Models\SetBrief;

final class BriefCorrected extends Notice
{
    public function __construct(private readonly SetBrief $setBrief)
    {
        parent::__construct();
    }

    public function kind(): NoticeKind
    {
        return NoticeKind::BriefCorrected;
    }

    protected function sentence(): string
    {
        return sprintf(
            'The brief "%s" has been corrected. An attempt that you had begun keeps the text of before.',
            $this->setBrief->content()->words->title,
        );
    }

    /** @return array{string, string} */
    protected function link(): array
    {
        return [route('set-briefs.show', $this->setBrief), 'Read the brief'];
    }
}
