<?php

declare(strict_types=1);

namespace App\Notices;

use App\Models\NoticeKind;
use Illuminate\Support\Carbon;

final class AccountWillGo extends Notice
{
    public function __construct(private readonly Carbon $when)
    {
        parent::__construct();
    }

    public function kind(): NoticeKind
    {
        return NoticeKind::Account;
    }

    protected function sentence(): string
    {
        return sprintf(
            'Your account will be deleted on %s, as was asked for. Until then it can be kept.',
            $this->when->format('j M Y'),
        );
    }

    /** @return array{string, string} */
    protected function link(): array
    {
        return [route('account'), 'Keep the account'];
    }
}
