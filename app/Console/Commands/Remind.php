<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Notices\Reminders;
use Illuminate\Console\Command;

final class Remind extends Command
{
    protected $signature = 'pupil:remind';

    protected $description = 'Tells students what is due within a day, and instructors once a day what was handed in';

    public function handle(): int
    {
        $this->line(
            sprintf('%d reminded, %d told what was handed in.', Reminders::dueTomorrow(), Reminders::handedIn()),
        );

        return self::SUCCESS;
    }
}
