<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Backup\BackupFailed;
use App\Backup\BackupKey;
use App\Backup\MakeBackup;
use App\Backup\ReadBackup;
use App\Backup\Repository;
use Illuminate\Console\Command;
use Illuminate\Contracts\Console\Isolatable;
use Symfony\Component\Console\Attribute\AsCommand;

/** With --isolated, one node at a time. */
#[AsCommand('pupil:backup')]
final class Backup extends Command implements Isolatable
{
    protected $signature =
        'pupil:backup {target? : a folder, or s3:BUCKET; PUPIL_BACKUP otherwise} {--key= : a file with the key; '.
        'PUPIL_BACKUP_KEY otherwise} {--days= : for which snapshots are kept; PUPIL_BACKUP_DAYS otherwise} '.
        '{--verify : look a snapshot through instead} '.
        '{--snapshot= : which; the newest otherwise} {--list : the snapshots} '.
        '{--new-key= : write a new key to this file; - prints it}';

    protected $description = 'Saves the running installation, or looks through what was saved';

    public function handle(MakeBackup $make, ReadBackup $read): int
    {
        try {
            if ($this->option('new-key') === '-') {
                $this->output->write(BackupKey::fresh());

                return self::SUCCESS;
            }
            if ($this->option('new-key')) {
                BackupKey::create((string) $this->option('new-key'));
                $this->line('Done. Keep a copy where the backup is not: without it nothing can be brought back.');

                return self::SUCCESS;
            }
            $isRead = $this->option('verify') || $this->option('list');
            $repository = self::repository($this->argument('target'), $this->option('key'), ! $isRead);
            if ($this->option('list')) {
                array_map($this->line(...), $repository->snapshots());
            } elseif ($this->option('verify')) {
                $snapshot = ReadBackup::snapshot($repository, $this->option('snapshot'));
                $this->line(sprintf(
                    'Snapshot %s is whole: the database and %d files are as they were saved.',
                    $snapshot->time,
                    $read->verify($repository, $snapshot),
                ));
            } else {
                $done = $make->handle($repository, (int) ($this->option('days') ?? config('pupil.backup.days')));
                $this->line(sprintf(
                    'Snapshot %s: the database and %d files, %d of them new (%.1f MB); %d old snapshots dropped. It '.
                        'holds names, addresses and pictures: keep it as you would keep them.',
                    $done['snapshot'],
                    $done['files'],
                    $done['copied'],
                    $done['bytes'] / 1e6,
                    $done['dropped'],
                ));
                if ($done['gone'] > 0) {
                    $this->warn(sprintf('%d files are not in the store: deleted meanwhile, or lost.', $done['gone']));
                }
            }
        } catch (BackupFailed $problem) {
            $this->error($problem->getMessage());

            return self::FAILURE;
        }

        return self::SUCCESS;
    }

    /** @throws BackupFailed */
    public static function repository(?string $target, ?string $key, bool $begin): Repository
    {
        $target ??= (string) config('pupil.backup.target');
        $key ??= config('pupil.backup.key');
        if ($target === '') {
            throw new BackupFailed('Say where: pupil:backup FOLDER, or PUPIL_BACKUP in the settings.');
        }

        return Repository::at($target, $key ? BackupKey::fromFile((string) $key) : null, $begin);
    }
}
