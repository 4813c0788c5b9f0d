<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Workers\NodePresence;
use App\Workers\Supervisor;
use Illuminate\Console\Command;
use Symfony\Component\Console\Attribute\AsCommand;

#[AsCommand('pupil:work')]
final class Work extends Command
{
    protected $signature =
        'pupil:work {--workers=2 : programs that read and judge at the same time} {--sleep=0.4 : seconds '.
        'between two looks at an empty queue}';

    protected $description = 'Reads and judges what is handed in until it is told to stop; the job at hand is finished';

    public function handle(NodePresence $presence): int
    {
        $workers = (int) $this->option('workers');
        if ($workers < 1 || $workers > 64) {
            $this->error('--workers must lie between 1 and 64.');

            return self::FAILURE;
        }
        $supervisor = new Supervisor(
            [
                base_path('bin/lib/worker-php'),
                base_path('artisan'),
                'queue:work',
                '--queue='.implode(',', config('queue.order')),
                '--sleep='.(float) $this->option('sleep'),
                // Started afresh every hour.
                '--max-time=3600',
                '--quiet',
            ],
            $workers,
            config('logging.folder').'/worker.log',
            $presence,
        );
        $this->trap([SIGTERM, SIGINT, SIGHUP], $supervisor->stop(...));
        $supervisor->run();

        return self::SUCCESS;
    }
}
