<?php

declare(strict_types=1);

namespace App\Notices;

use App\Models\Attempt;
use App\Models\NoticeKind;

final class Corrected extends Notice
{
    public function __construct(private readonly Attempt $attempt)
    {
        parent::__construct();
    }

    public function kind(): NoticeKind
    {
        return NoticeKind::Corrected;
    }

    protected function sentence(): string
    {
        return sprintf(
            'The critique of attempt %d at "%s" has been corrected.',
            $this->attempt->number,
            $this->attempt->content()->words->title,
        );
    }

    /** @return array{string, string} */
    protected function link(): array
    {
        return [route('attempts.return', $this->attempt), 'Read it again'];
    }
}
