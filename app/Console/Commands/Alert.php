<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Watch\Part;
use App\Watch\Parts;
use Illuminate\Console\Command;
use Illuminate\Mail\Message;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Mail;
use Symfony\Component\Console\Attribute\AsCommand;
use Throwable;

#[AsCommand('pupil:alert')]
final class Alert extends Command
{
    private const TOLD = 'alert-told:';

    protected $signature = 'pupil:alert {--say : also when all is well}';

    protected $description =
        'Says what is wrong with the service, with exit code 1, and nothing when all is well: for cron';

    public function handle(Parts $parts): int
    {
        $all = $parts->all();
        $wrong = array_filter($all, fn (Part $part): bool => ! $part->ok);
        $lines = array_map(
            fn (string $name, Part $part): string => ucfirst($name).': '.$part->says,
            array_keys($wrong),
            $wrong,
        );
        array_map($this->line(...), $lines);
        if ($wrong === [] && $this->option('say')) {
            $this->line(sprintf('All %d parts are well.', count($all)));
        }
        $to = (string) config('pupil.watch.mail');
        if ($to !== '' && $this->isNews($all)) {
            $this->mail($to, $lines);
        }

        return $wrong === [] ? self::SUCCESS : self::FAILURE;
    }

    /**
     * What is wrong with a part is mailed once a day, however often it is looked at, and again after it was well.
     *
     * @param  array<string, Part>  $parts
     */
    private function isNews(array $parts): bool
    {
        $isNews = false;
        foreach ($parts as $name => $part) {
            try {
                if ($part->ok) {
                    Cache::forget(self::TOLD.$name);
                } else {
                    $isNews = Cache::add(self::TOLD.$name, true, now()->addDay()) || $isNews;
                }
            } catch (Throwable) {
                // The cache is what is away.
                $isNews = $isNews || ! $part->ok;
            }
        }

        return $isNews;
    }

    /** @param  list<string>  $lines */
    private function mail(string $to, array $lines): void
    {
        try {
            Mail::raw(
                implode("\n", $lines)."\n",
                fn (Message $message) => $message
                    ->to($to)
                    ->subject('True Pupil at '.parse_url((string) config('app.url'), PHP_URL_HOST).': look at it'),
            );
        } catch (Throwable $problem) {
            $this->error('Mail could not be sent about it: '.class_basename($problem));
        }
    }
}
