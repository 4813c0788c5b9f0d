<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Backup\BackupFailed;
use App\Backup\DatabaseDump;
use Illuminate\Console\Command;
use Symfony\Component\Console\Attribute\AsCommand;

#[AsCommand('pupil:database')]
final class Database extends Command
{
    protected $signature = 'pupil:database {what : save or put-back} {file : packed SQL}';

    protected $description = 'Saves the database alone, or puts it back as it was saved: for bin/upgrade';

    public function handle(DatabaseDump $dump): int
    {
        $file = (string) $this->argument('file');
        try {
            if ($this->argument('what') === 'save') {
                $dump->write($file);
                chmod($file, 0600);
            } elseif ($this->argument('what') === 'put-back' && is_file($file)) {
                // Tables that the newer version made must not stay.
                $this->callSilently('db:wipe', ['--force' => true]);
                $dump->load($file);
            } else {
                throw new BackupFailed('Say "save" or "put-back", and a file; to put back, one that is there.');
            }
        } catch (BackupFailed $problem) {
            $this->error($problem->getMessage());

            return self::FAILURE;
        }

        return self::SUCCESS;
    }
}
