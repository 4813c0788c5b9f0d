<?php

declare(strict_types=1);

namespace App\Notices;

use App\Models\NoticeKind;
use App\Models\SignInChange;

/** Nobody's way in changes behind their back. */
final class SignInChanged extends Notice
{
    public function __construct(private readonly SignInChange $change)
    {
        parent::__construct();
    }

    public function kind(): NoticeKind
    {
        return NoticeKind::Account;
    }

    protected function sentence(): string
    {
        return $this->change->sentence().' If that was not you, ask for a new password at once.';
    }

    /** @return array{string, string} */
    protected function link(): array
    {
        return [route('account'), 'Your account'];
    }
}
