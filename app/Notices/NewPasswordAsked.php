<?php

declare(strict_types=1);

namespace App\Notices;

use App\Models\Moments;
use App\Models\NoticeKind;
use App\Models\PasswordRequest;
use App\Models\PasswordWay;

/** Nobody's password can be replaced behind their back. */
final class NewPasswordAsked extends Notice
{
    public function __construct(private readonly PasswordRequest $request)
    {
        parent::__construct();
    }

    public function kind(): NoticeKind
    {
        return NoticeKind::Account;
    }

    protected function sentence(): string
    {
        $course = (string) $this->request->course?->name;

        return match ($this->request->way) {
            PasswordWay::Link => sprintf(
                'An instructor of %s made a link with which your password can be set anew. If you did not ask for '.
                    'one, stop it on your account page.',
                $course,
            ),
            PasswordWay::Session => sprintf(
                'An instructor of %s says that you forgot your password. If so, set a new one on your account page; '.
                    'if not, nothing happens.',
                $course,
            ),
            default => sprintf(
                'Whoever runs this installation made a link for a new password of yours. It counts from %s. If you '.
                    'did not ask for one, stop it on your account page.',
                Moments::write($this->request->counts_from, 'UTC', 'D MMMM, HH:mm').' UTC',
            ),
        };
    }

    /** @return array{string, string} */
    protected function link(): array
    {
        return [route('account'), 'Your account'];
    }
}
