<?php

declare(strict_types=1);

namespace App\Backup;

use Illuminate\Support\Facades\File;
use Symfony\Component\Process\Process;

/** The database as SQL, by its own programs. */
final readonly class DatabaseDump
{
    /** What comes again by itself, or is worth nothing elsewhere: their tables come back empty. */
    private const WITHOUT_ROWS = ['sessions', 'cache', 'cache_locks', 'nodes', 'service_events'];

    /**
     * One moment of the running database, packed.
     *
     * @param  string  $path  where it goes
     */
    public function write(string $path): void
    {
        $ignored = array_map(
            fn (string $table): string => '--ignore-table-data='.self::config('database').'.'.$table,
            self::WITHOUT_ROWS,
        );
        $this->run(
            'mariadb-dump "$@" | gzip -6 >"$FILE"',
            ['--single-transaction', '--quick', '--hex-blob', '--skip-comments', '--skip-dump-date', ...$ignored],
            $path,
            'The database could not be read',
        );
    }

    /** Into an empty database. */
    public function load(string $path): void
    {
        $this->run('gzip -dc "$FILE" | mariadb "$@"', [], $path, 'The database could not be filled');
    }

    /** @param  list<string>  $options */
    private function run(string $line, array $options, string $file, string $problem): void
    {
        // A password on the command line could be read by everybody on the machine.
        $access = $file.'.cnf';
        $mask = umask(0077);
        File::put($access, "[client]\n".implode("\n", [
            self::config('unix_socket') === '' ? 'host='.self::config('host') : 'socket='.self::config('unix_socket'),
            'port='.self::config('port'),
            'user='.self::config('username'),
            'password="'.addcslashes(self::config('password'), '"\\').'"',
            'default-character-set=utf8mb4',
        ])."\n");
        umask($mask);
        try {
            $process = new Process(
                [
                    'bash', '-c', 'set -o pipefail; '.$line, 'dump',
                    '--defaults-file='.$access, ...$options, self::config('database'),
                ],
                env: ['FILE' => $file],
                timeout: null,
            );
            if ($process->run() !== 0) {
                throw new BackupFailed($problem.': '.trim(substr($process->getErrorOutput(), -300)));
            }
        } finally {
            File::delete($access);
        }
    }

    private static function config(string $name): string
    {
        return (string) config('database.connections.primary.'.$name);
    }
}
