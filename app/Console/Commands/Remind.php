<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Notices\Reminders;
use Illuminate\Console\Command;
use Symfony\Component\Console\Attribute\AsCommand;

#[AsCommand('pupil:remind')]
final class Remind extends Command
{
    protected $signature = 'pupil:remind';

    protected $description = 'Tells students what has opened or is due soon, and instructors what was handed in';

    public function handle(): int
    {
        $this->line(
            sprintf(
                '%d told of a brief, %d reminded, %d told what was handed in.',
                Reminders::opened(),
                Reminders::dueTomorrow(),
                Reminders::handedIn(),
            ),
        );

        return self::SUCCESS;
    }
}
