<?php

declare(strict_types=1);

namespace App\Imaging;

use Symfony\Component\Process\ExecutableFinder;
use Symfony\Component\Process\Process;

/**
 * Runs a program where it sees the system's libraries, the files that it is given and nothing else: as nobody, without
 * a network, in a process space that goes with it (bubblewrap), and without the calls of the kernel that none of them
 * needs (SyscallFilter). Where the kernel does not allow that, programs run as they are, within their limits, and
 * /readyz says so.
 */
final class Sandbox
{
    /** What programs need of the system; all of it is the same for everybody who has this system. */
    private const SYSTEM = ['/etc/alternatives', '/etc/ld.so.cache', '/etc/php', '/etc/ImageMagick-6'];

    /** "nobody", in every Debian. */
    private const NOBODY = '65534';

    private const STEPPING_DOWN = [
        'setpriv',
        '--reuid='.self::NOBODY,
        '--regid='.self::NOBODY,
        '--clear-groups',
        '--no-new-privs',
        '--',
    ];

    /** A file is opened for bubblewrap under this number. */
    private const FILTERED = ['sh', '-c', 'exec 9<"$0" && exec "$@"'];

    private static ?bool $works = null;

    /** Where the filter lies; an empty string where there is none for this machine. */
    private static ?string $filter = null;

    public function __construct(private readonly bool $isWanted = true)
    {
    }

    /** Whether programs are shut in here. Tried once by each process. */
    public function works(): bool
    {
        return $this->isWanted && (self::$works ??= $this->try());
    }

    /**
     * @param  list<string>  $command
     * @param  list<string>  $reads  files and folders that it may read, under their own names
     * @param  list<string>  $writes  files and folders that it may write to
     * @return list<string> the command that runs it shut in, or the command itself where that cannot be
     */
    public function around(array $command, array $reads = [], array $writes = []): array
    {
        return $this->works() ? $this->shutIn($command, $reads, $writes) : $command;
    }

    private function try(): bool
    {
        if ((new ExecutableFinder())->find('bwrap') === null) {
            return false;
        }
        $process = new Process($this->shutIn(['true'], [], []), timeout: 10);

        return $process->run() === 0;
    }

    /**
     * @param  list<string>  $command
     * @param  list<string>  $reads
     * @param  list<string>  $writes
     * @return list<string>
     */
    private function shutIn(array $command, array $reads, array $writes): array
    {
        $isRoot = posix_geteuid() === 0;
        $filter = self::filter();

        return [
            ...$filter === '' ? [] : [...self::FILTERED, $filter],
            'bwrap',
            ...$filter === '' ? [] : ['--seccomp', '9'],
            '--die-with-parent',
            '--new-session',
            // Root needs no user namespace, and steps down to nobody inside; anybody else becomes nobody by one.
            ...$isRoot
                ? ['--unshare-net', '--unshare-pid', '--unshare-ipc', '--unshare-uts', '--cap-drop', 'ALL',
                    '--cap-add', 'CAP_SETUID', '--cap-add', 'CAP_SETGID']
                : ['--unshare-all', '--uid', self::NOBODY, '--gid', self::NOBODY],
            ...self::system(),
            '--proc', '/proc',
            '--dev', '/dev',
            '--perms', '1777', '--tmpfs', '/tmp',
            ...array_merge(...array_map($this->shown(...), $reads), ...[[]]),
            ...array_merge(...array_map(fn (string $path): array => $this->given($path, $isRoot), $writes), ...[[]]),
            '--clearenv',
            '--setenv', 'PATH', '/usr/local/bin:/usr/bin:/bin',
            '--setenv', 'LC_ALL', 'C.UTF-8',
            ...array_merge(...array_map(
                fn (string $name, string $value): array => ['--setenv', $name, $value],
                array_keys(OutsideProgram::ENVIRONMENT),
                OutsideProgram::ENVIRONMENT,
            )),
            '--chdir', '/tmp',
            '--',
            ...$isRoot ? self::STEPPING_DOWN : [],
            ...$command,
        ];
    }

    private static function filter(): string
    {
        if (self::$filter === null || (self::$filter !== '' && ! is_file(self::$filter))) {
            $bytes = SyscallFilter::bytes();
            self::$filter = $bytes === null ? '' : storage_path('framework/calls-'.hash('xxh32', $bytes));
            if ($bytes !== null && ! is_file(self::$filter)) {
                AtomicFile::write(self::$filter, fn (string $path) => file_put_contents($path, $bytes));
            }
        }

        return self::$filter;
    }

    /** @return list<string> */
    private static function system(): array
    {
        $arguments = ['--ro-bind', '/usr', '/usr'];
        foreach (['bin', 'lib', 'lib64', 'sbin'] as $name) {
            if (is_link('/'.$name)) {
                array_push($arguments, '--symlink', 'usr/'.$name, '/'.$name);
            } elseif (is_dir('/'.$name)) {
                array_push($arguments, '--ro-bind', '/'.$name, '/'.$name);
            }
        }
        array_push($arguments, '--perms', '0755', '--dir', '/etc');
        foreach (self::SYSTEM as $path) {
            array_push($arguments, '--ro-bind-try', $path, $path);
        }

        return $arguments;
    }

    /** @return list<string> */
    private function shown(string $path): array
    {
        return [...self::folders($path), '--ro-bind', $path, $path];
    }

    /** @return list<string> */
    private function given(string $path, bool $isRoot): array
    {
        if ($isRoot) {
            // Nobody writes to it, and nobody else can see it from outside: its folder is ours.
            chmod($path, is_dir($path) ? 0777 : 0666);
        }

        return [...self::folders($path), '--bind', $path, $path];
    }

    /**
     * The folders above a path, which nobody may pass through.
     *
     * @return list<string>
     */
    private static function folders(string $path): array
    {
        $arguments = [];
        for ($folder = dirname($path); $folder !== '/' && $folder !== '.'; $folder = dirname($folder)) {
            $arguments = ['--perms', '0755', '--dir', $folder, ...$arguments];
        }

        return $arguments;
    }
}
