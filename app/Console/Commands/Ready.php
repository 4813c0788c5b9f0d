<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\Http;
use Symfony\Component\Console\Attribute\AsCommand;
use Throwable;

#[AsCommand('pupil:ready')]
final class Ready extends Command
{
    protected $signature =
        'pupil:ready {--need= : parts that must be well beside those that are always needed, such as "workers"} '.
        '{--at= : another address of this node, such as "http://127.0.0.1:8080"}';

    protected $description = 'Asks this node whether it is ready, as a monitor would; exit code 1 where it is not';

    public function handle(): int
    {
        $address = (string) ($this->option('at') ?: config('app.url'));
        try {
            $answer = Http::withToken((string) config('pupil.watch.token'))
                // This machine itself is asked, whatever its certificate is and wherever its name leads.
                ->withOptions([
                    'verify' => false,
                    'curl' => $this->option('at') ? [] : [CURLOPT_CONNECT_TO => ['::127.0.0.1:']],
                ])
                ->timeout(10)
                ->get(rtrim($address, '/').'/readyz', ['need' => $this->option('need')]);
        } catch (Throwable $problem) {
            $this->error('It does not answer ('.class_basename($problem).').');

            return self::FAILURE;
        }
        $this->line((string) $answer->body());

        return $answer->successful() ? self::SUCCESS : self::FAILURE;
    }
}
