<?php

declare(strict_types=1);

namespace App\Notices;

use App\Models\User;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Notifications\Messages\MailMessage;
use Illuminate\Notifications\Notification;
use SensitiveParameter;

/** The link for a forgotten password, by the framework's broker. */
final class PasswordLetter extends Notification implements ShouldQueue
{
    use Queueable;

    public function __construct(#[SensitiveParameter] private readonly string $token)
    {
        $this->onQueue(Notice::QUEUE)->afterCommit();
    }

    /** @return list<string> */
    public function via(): array
    {
        return ['mail'];
    }

    public function toMail(User $notifiable): MailMessage
    {
        return Letter::with(
            'A new password',
            [
                'Somebody, you most likely, asked for a new password. The link counts for an hour and once.',
                'If it was not you, nothing needs to be done: the old password stays.',
            ],
            route('password.reset', ['token' => $this->token, 'email' => $notifiable->email]),
            'Set a new password',
            $notifiable->name,
            isSecret: true,
        );
    }
}
