<?php

declare(strict_types=1);

namespace App\Notices;

use App\Models\Attempt;
use App\Models\NoticeKind;
use App\Models\User;

final class AnswerRead extends Notice
{
    public function __construct(private readonly Attempt $attempt, private readonly User $by)
    {
        parent::__construct();
    }

    public function kind(): NoticeKind
    {
        return NoticeKind::AnswerRead;
    }

    protected function sentence(): string
    {
        return sprintf(
            '%s replied to what you said about attempt %d at "%s".',
            $this->by->name,
            $this->attempt->number,
            $this->attempt->content()->words->title,
        );
    }

    /** @return array{string, string} */
    protected function link(): array
    {
        return [route('attempts.return', $this->attempt).'#reply', 'Read it'];
    }

    protected function about(): int
    {
        return $this->by->id;
    }
}
