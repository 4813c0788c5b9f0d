<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Courses\StartingCourses;
use Illuminate\Console\Command;
use Symfony\Component\Console\Attribute\AsCommand;

#[AsCommand('pupil:invite')]
final class InviteToStart extends Command
{
    protected $signature = 'pupil:invite {--days=14 : how long the link counts}';

    protected $description = 'Makes a link with which somebody starts one course of their own';

    public function handle(): int
    {
        $days = (int) $this->option('days');
        if ($days < 1 || $days > 365) {
            $this->error('--days is a number from 1 to 365.');

            return self::FAILURE;
        }
        if (StartingCourses::here() !== StartingCourses::ByInvitation) {
            $this->error('PUPIL_START is not "invitation": a link would say nothing.');

            return self::FAILURE;
        }
        $this->line(StartingCourses::invite($days));

        return self::SUCCESS;
    }
}
