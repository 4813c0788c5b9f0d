<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Retention\StorageUse;
use Illuminate\Console\Command;
use Symfony\Component\Console\Attribute\AsCommand;

#[AsCommand('pupil:storage')]
final class ShowStorage extends Command
{
    protected $signature = 'pupil:storage';

    protected $description = 'Shows what uses the disk, and whose pictures use most of it';

    public function handle(): int
    {
        $this->lines('By kind', StorageUse::parts());
        $this->lines('Pictures by course', StorageUse::courses());
        $this->lines('Pictures by person', StorageUse::people());
        $this->line(
            sprintf(
                'A person may keep %d MB, a course %d MB; %d MB are free.',
                config('pupil.quota.person_megabytes'),
                config('pupil.quota.course_megabytes'),
                (int) disk_free_space(storage_path()) / 1_000_000,
            ),
        );

        return self::SUCCESS;
    }

    /** @param  array<string, int>  $bytes */
    private function lines(string $title, array $bytes): void
    {
        $this->line($title.':');
        foreach ($bytes as $label => $count) {
            $this->line(sprintf('  %10.1f MB  %s', $count / 1_000_000, $label));
        }
    }
}
