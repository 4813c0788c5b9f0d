<?php

declare(strict_types=1);

namespace App\Notices;

use App\Models\Attempt;
use App\Models\NoticeKind;

final class Answered extends Notice
{
    public function __construct(private readonly Attempt $attempt)
    {
        parent::__construct();
    }

    public function kind(): NoticeKind
    {
        return NoticeKind::Answered;
    }

    protected function sentence(): string
    {
        return sprintf(
            '%s answered the critique of "%s".',
            $this->attempt->user->name,
            $this->attempt->content()->words->title,
        );
    }

    /** @return array{string, string} */
    protected function link(): array
    {
        return [route('attempts.return', $this->attempt).'#reply', 'Read the answer'];
    }

    protected function about(): int
    {
        return $this->attempt->user_id;
    }
}
