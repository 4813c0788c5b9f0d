<?php

declare(strict_types=1);

namespace App\Notices;

use App\Models\Attempt;
use App\Models\AttemptState;
use App\Models\NoticeKind;

final class Returned extends Notice
{
    public function __construct(private readonly Attempt $attempt)
    {
        parent::__construct();
    }

    /** Not where it was taken back meanwhile. */
    protected function holdsStill(): bool
    {
        return $this->attempt->refresh()->state === AttemptState::Returned;
    }

    public function kind(): NoticeKind
    {
        return NoticeKind::Returned;
    }

    protected function sentence(): string
    {
        return sprintf(
            'Attempt %d at "%s" came back with its critique.',
            $this->attempt->number,
            $this->attempt->content()->words->title,
        );
    }

    /** @return array{string, string} */
    protected function link(): array
    {
        return [route('attempts.return', $this->attempt), 'Read the critique'];
    }
}
