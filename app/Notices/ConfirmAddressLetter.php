<?php

declare(strict_types=1);

namespace App\Notices;

use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Notifications\Messages\MailMessage;
use Illuminate\Notifications\Notification;

/** Goes to the address that is to be confirmed, and says nothing of whoever typed it but the name they gave. */
final class ConfirmAddressLetter extends Notification implements ShouldQueue
{
    use Queueable;

    public function __construct(private readonly string $url, private readonly string $name)
    {
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
            'Confirm your address',
            [
                sprintf('%s has entered this address here.', $this->name),
                'If that was you, follow the link within seven days. If not, nothing needs to be done: without it the '.
                    'address counts for nothing.',
            ],
            $this->url,
            'Confirm this address',
            null,
            isSecret: true,
        );
    }
}
