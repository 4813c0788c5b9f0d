<?php

declare(strict_types=1);

namespace App\Notices;

use App\Models\NoticeKind;
use App\Models\User;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Notifications\Messages\MailMessage;
use Illuminate\Notifications\Notification;
use Illuminate\Queue\SerializesModels;

/** Something that a person is told: always inside the application, and by mail to a confirmed address if they like. */
abstract class Notice extends Notification implements ShouldQueue
{
    use Queueable;
    use SerializesModels {
        __unserialize as private takeUp;
    }

    public const QUEUE = 'mail';

    /** Whether what it is about was deleted while it waited. */
    private bool $isGone = false;

    public function __construct()
    {
        $this->onQueue(self::QUEUE)->afterCommit();
    }

    /**
     * What was deleted meanwhile is no fault: nobody is told of it, and the job ends.
     *
     * @param  array<string, mixed>  $values
     */
    public function __unserialize(array $values): void
    {
        try {
            $this->takeUp($values);
        } catch (ModelNotFoundException) {
            $this->isGone = true;
        }
    }

    /** Asked by the framework just before it goes out. */
    final public function shouldSend(): bool
    {
        return ! $this->isGone && $this->holdsStill();
    }

    /** Whether what it says is still so. */
    protected function holdsStill(): bool
    {
        return true;
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

        return Letter::with(
            $this->sentence(),
            [$this->sentence()],
            $url,
            $label,
            $notifiable->name,
            about: $this->about(),
        );
    }
}
