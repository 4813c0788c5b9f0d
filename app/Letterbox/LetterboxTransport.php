<?php

declare(strict_types=1);

namespace App\Letterbox;

use App\Notices\Letter;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Symfony\Component\Mailer\SentMessage;
use Symfony\Component\Mailer\Transport\AbstractTransport;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\MessageConverter;

/** Writes down what would have been sent: where there is no mail server. */
final class LetterboxTransport extends AbstractTransport
{
    protected function doSend(SentMessage $message): void
    {
        $original = $message->getOriginalMessage();
        if (! $original instanceof \Symfony\Component\Mime\Message) {
            return;
        }
        $mail = MessageConverter::toEmail($original);
        $about = $mail->getHeaders()->get(Letter::ABOUT)?->getBodyAsString();
        DB::table('letters')->insert(
            array_map(
                fn (Address $to): array => [
                    'to' => Str::lower($to->getAddress()),
                    'subject' => Str::limit((string) $mail->getSubject(), 250),
                    'body' => (string) $mail->getTextBody(),
                    'is_secret' => $mail->getHeaders()->has(Letter::SECRET),
                    'about' => is_numeric($about) ? (int) $about : null,
                    'created_at' => now(),
                    'updated_at' => now(),
                ],
                $mail->getTo(),
            ),
        );
    }

    public function __toString(): string
    {
        return 'letterbox';
    }
}
