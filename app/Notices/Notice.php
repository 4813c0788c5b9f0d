<?php

declare(strict_types=1);

namespace App\Notices;

use App\Models\NoticeKind;
use App\Models\User;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Notifications\Messages\MailMessage;
use Illuminate\Notifications\Notification;

/** Something that a person is told: always inside the application, and by mail to a confirmed address if they like. */
abstract class Notice extends Notification implements ShouldQueue
{
    use Queueable;

    public const QUEUE = 'mail';

    public function __construct()
    {
        $this->onQueue(self::QUEUE)->afterCommit();
    }

    abstract public function kind(): NoticeKind;

    /** One sentence. */
    abstract protected function sentence(): string;

    /** @return array{string, string} where it leads, and what that is called */
    abstract protected function link(): array;

    /** Whoever it speaks of: it goes when that account goes. */
    protected function about(): ?int
    {
        return null;
    }

    /** @return list<string> */
    public function via(User $notifiable): array
    {
        return $notifiable->hasMail($this->kind()) ? ['database', 'mail'] : ['database'];
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        [$url, $label] = $this->link();

        return [
            'kind' => $this->kind()->value,
            'sentence' => $this->sentence(),
            // Without the host, which may be another one tomorrow.
            'path' => (string) preg_replace('~^https?://[^/]+~', '', $url),
            'label' => $label,
            'about' => $this->about(),
        ];
    }

    public function toMail(User $notifiable): MailMessage
    {
        [$url, $label] = $this->link();

        return Letter::with($this->sentence(), [$this->sentence()], $url, $label, $notifiable->name);
    }
}
