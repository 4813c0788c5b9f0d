<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Backup\BackupFailed;
use App\Backup\ReadBackup;
use Illuminate\Console\Command;
use Symfony\Component\Console\Attribute\AsCommand;

#[AsCommand('pupil:restore')]
final class Restore extends Command
{
    protected $signature =
        'pupil:restore {target? : a folder, or s3:BUCKET; PUPIL_BACKUP otherwise} {--key= : a file with the key; '.
        'PUPIL_BACKUP_KEY otherwise} {--snapshot= : which; the newest otherwise} {--application-key : print the key '.
        'that the application had, and bring nothing back}';

    protected $description = 'Brings a backup back into an installation without people; nothing is overwritten';

    public function handle(ReadBackup $read): int
    {
        try {
            $repository = Backup::repository($this->argument('target'), $this->option('key'), false);
            $snapshot = ReadBackup::snapshot($repository, $this->option('snapshot'));
            if ($this->option('application-key')) {
                $this->line($snapshot->facts()['applicationKey']);

                return self::SUCCESS;
            }
            $count = $read->restore($repository, $snapshot);
        } catch (BackupFailed $problem) {
            $this->error($problem->getMessage());

            return self::FAILURE;
        }
        $this->line(sprintf('Snapshot %s is back: the database and %d files.', $snapshot->time, $count));
        $this->call('migrate', ['--force' => true, '--no-interaction' => true]);

        return self::SUCCESS;
    }
}
