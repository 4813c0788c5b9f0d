<?php

declare(strict_types=1);

namespace App\Notices;

use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Notifications\Messages\MailMessage;
use Illuminate\Notifications\Notification;

/** Invites somebody who came with a course from another installation to make the account their own. */
final class InvitationLetter extends Notification implements ShouldQueue
{
    use Queueable;

    public function __construct(
        private readonly string $url,
        private readonly string $name,
        private readonly string $course,
    ) {
        $this->onQueue(Notice::QUEUE)->afterCommit();
    }

    /** @return list<string> */
    public function via(): array
    {
        return ['mail'];
    }

    public function toMail(): MailMessage
    {
        return Letter::with(
            'Your place in '.$this->course,
            [
                sprintf('%s has moved here, with what you handed in and wrote there.', $this->course),
                'Follow the link to choose a password, or to bring it into the account that you have here.',
            ],
            $this->url,
            'Take your place',
            $this->name,
            isSecret: true,
        );
    }
}
