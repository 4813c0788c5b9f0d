<?php

declare(strict_types=1);

namespace App\Notices;

use Illuminate\Notifications\Messages\MailMessage;
use Illuminate\Support\Str;
use Symfony\Component\Mime\Email;

/** A mail in plain text, as every program shows it. */
final class Letter
{
    /** Marks a mail whose link proves something: not to be shown to anybody but its receiver. */
    public const SECRET = 'X-True-Pupil-Secret';

    /** Whoever a letter that is written down speaks of. */
    public const ABOUT = 'X-True-Pupil-About';

    /**
     * @param  list<string>  $lines
     * @param  ?int  $about  the number of whoever it speaks of, beside its receiver
     */
    public static function with(
        string $subject,
        array $lines,
        string $url,
        string $label,
        ?string $name,
        bool $isSecret = false,
        ?int $about = null,
    ): MailMessage {
        return (new MailMessage())
            ->subject(Str::limit($subject, 120, '…'))
            ->text('mail.letter', ['name' => $name, 'lines' => $lines, 'url' => $url, 'label' => $label])
            ->withSymfonyMessage(function (Email $mail) use ($isSecret, $about): void {
                if ($about !== null) {
                    $mail->getHeaders()->addTextHeader(self::ABOUT, (string) $about);
                }
                if ($isSecret) {
                    $mail->getHeaders()->addTextHeader(self::SECRET, 'yes');
                }
            });
    }
}
