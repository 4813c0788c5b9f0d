<?php

declare(strict_types=1);

namespace App\Notices;

use App\Models\Frame;
use App\Models\NoticeKind;
use Illuminate\Support\Str;

final class FrameRefused extends Notice
{
    public function __construct(private readonly Frame $frame)
    {
        parent::__construct();
    }

    public function kind(): NoticeKind
    {
        return NoticeKind::FrameRefused;
    }

    protected function sentence(): string
    {
        return sprintf('"%s" could not be read and is not handed in.', Str::limit($this->frame->original_name, 60));
    }

    /** @return array{string, string} */
    protected function link(): array
    {
        return [route('frames.edit', $this->frame), 'See why'];
    }
}
