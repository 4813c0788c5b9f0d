<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Retention\Cleaning;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Log;
use Symfony\Component\Console\Attribute\AsCommand;

#[AsCommand('pupil:clean')]
final class Clean extends Command
{
    protected $signature = 'pupil:clean';

    protected $description =
        'Takes away what is no longer needed: orphaned files, old uploads, expired sessions, accounts to be '.
        'deleted';

    public function handle(Cleaning $cleaning): int
    {
        $gone = array_filter($cleaning->run());
        foreach ($gone as $what => $count) {
            $this->line(sprintf('%d %s', $count, $what));
        }
        if ($gone === []) {
            $this->line('There was nothing to take away.');
        } else {
            Log::info('Cleaned', $gone);
        }

        return self::SUCCESS;
    }
}
