<?php

declare(strict_types=1);

namespace App\Notices;

use App\Models\Course;
use App\Models\NoticeKind;

/** Nobody's password can be replaced behind their back. */
final class PasswordLinkMade extends Notice
{
    public function __construct(private readonly Course $course)
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
            'An instructor of %s made a link with which your password can be set anew. If you did not ask for one, '.
                'change your password: the link is then worth nothing.',
            $this->course->name,
        );
    }

    /** @return array{string, string} */
    protected function link(): array
    {
        return [route('account'), 'Change the password'];
    }
}
