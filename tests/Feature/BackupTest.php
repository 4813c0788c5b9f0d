<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\Support\Served;

/** A running course is saved and brought back elsewhere, byte for byte; what is damaged or in the way is told. */
#[Group('long')]
final class BackupTest extends TestCase
{
    use Served;

    public function test_a_running_course_comes_back_on_an_empty_machine(): void
    {
        [$first] = $this->serve($this->var.'/one');
        [$picture, $file] = $this->picture('one');
        $this->sql(
            $this->var.'/one',
            "update courses set name = 'Abend ƒ/8 – ½', approach = '{\"start\": \"manual\"}'",
        );
        $before = $this->dump($this->var.'/one');
        $backup = $this->var.'/saved';
        $key = '--key='.$this->var.'/backup.key';
        $this->artisan('one', 'pupil:backup', '--new-key='.$this->var.'/backup.key')->mustRun();
        $this->assertSame('600', substr(sprintf('%o', (int) fileperms($this->var.'/backup.key')), -3));

        // A folder that is not this user's to write: whoever may write there does it with what is printed.
        $printed = $this->artisan('one', 'pupil:backup', '--new-key=-')->mustRun()->getOutput();
        $this->assertSame(32, strlen((string) base64_decode(trim($printed), true)));
        $refused = $this->artisan('one', 'pupil:backup', '--new-key=/nowhere/backup.key');
        $this->assertSame(1, $refused->run());
        $this->assertStringContainsString('--new-key=- prints', $refused->getOutput().$refused->getErrorOutput());

        $saved = $this->runs('backup', 'one', $backup, $key);
        $this->assertSame(0, $saved->getExitCode(), $saved->getErrorOutput());
        $this->assertStringContainsString('1 files, 1 of them new', $saved->getOutput());
        $this->assertStringContainsString('keep it as you would keep them', $saved->getOutput());
        $this->assertSame('700', substr(sprintf('%o', (int) fileperms($backup)), -3));
        // Sealed: neither the picture nor a name lies open in it.
        $this->assertSame([], $this->filesWith($backup, substr($picture, 0, 40)));
        $this->assertSame([], $this->filesWith($backup, 'kilnyard'));

        // Once more: only what is new is copied.
        $this->picture('one');
        $again = $this->runs('backup', 'one', $backup, $key);
        $this->assertStringContainsString('2 files, 1 of them new', $again->getOutput());
        $verified = $this->artisan('one', 'pupil:backup', $backup, '--verify', $key);
        $verified->mustRun();
        $this->assertStringContainsString('2 files are as they were saved', $verified->getOutput());
        $first->signal(SIGTERM);
        $first->wait();

        $oldest = explode("\n", $this->artisan('one', 'pupil:backup', $backup, '--list', $key)->mustRun()->getOutput());
        $restored = $this->runs('restore', 'two', $backup, $key, '--snapshot='.$oldest[0]);
        $this->assertSame(0, $restored->getExitCode(), $restored->getErrorOutput());
        $this->assertStringContainsString(
            'not overwritten',
            $this->runs('restore', 'two', $backup, $key)->getErrorOutput(),
        );
        [, $port] = $this->serve($this->var.'/two');
        $this->assertSame($before, $this->dump($this->var.'/two'));
        $this->assertSame($picture, file_get_contents(str_replace('/one/', '/two/', $file)));
        $this->assertStringContainsString(
            'Sign in',
            (string) file_get_contents('http://127.0.0.1:'.$port.'/sign-in'),
        );
        // What was signed before still counts.
        $this->assertSame($this->key('one'), $this->key('two'));
    }

    public function test_what_is_no_backup_damaged_or_locked_restores_nothing(): void
    {
        mkdir($this->var.'/words', 0777, true);
        file_put_contents($this->var.'/words/words.txt', 'words');
        $this->assertRefused('is no backup of True Pupil', $this->var.'/words');

        [$first] = $this->serve($this->var.'/one');
        [, $file] = $this->picture('one');
        $backup = $this->var.'/open';
        $this->assertStringContainsString(
            'holds something else',
            $this->runs('backup', 'one', $this->var.'/words')->getOutput(),
        );
        $this->runs('backup', 'one', $backup);
        file_put_contents($this->var.'/other.key', base64_encode(random_bytes(32)));
        $this->assertRefused('is not encrypted', $backup, '--key='.$this->var.'/other.key');
        $sealed = $this->var.'/sealed';
        file_put_contents($this->var.'/own.key', base64_encode(random_bytes(32)));
        $this->runs('backup', 'one', $sealed, '--key='.$this->var.'/own.key');
        $this->assertRefused('is encrypted', $sealed);
        $this->assertRefused('another key', $sealed, '--key='.$this->var.'/other.key');
        $this->assertRefused('no key', $sealed, '--key='.$this->var.'/words/words.txt');
        // One byte in the middle of the picture.
        foreach ([[$backup, []], [$sealed, ['--key='.$this->var.'/own.key']]] as [$place, $key]) {
            $kept = $place.'/files/pictures/originals/'.substr($file, strpos($file, 'originals/') + 10);
            $bytes = (string) file_get_contents($kept);
            $bytes[1500] = chr(ord($bytes[1500]) ^ 1);
            file_put_contents($kept, $bytes);
            $says = $key === [] ? 'not as it was saved' : 'damaged';
            $this->assertRefused($says, $place, ...$key);
            $verify = $this->artisan('one', 'pupil:backup', $place, '--verify', ...$key);
            $this->assertSame(1, $verify->run());
            $this->assertStringContainsString($says, $verify->getOutput());
            unlink($kept);
            $this->assertRefused('missing in the backup', $place, ...$key);
        }
        $this->assertStringContainsString('nothing runs from', $this->runs('backup', 'nowhere', 'x')->getErrorOutput());
        $first->signal(SIGTERM);
        $first->wait();
    }

    private function assertRefused(string $says, string $backup, string ...$options): void
    {
        $refused = $this->runs('restore', 'three', $backup, ...$options);
        $this->assertSame(1, $refused->getExitCode());
        $this->assertStringContainsString($says, $refused->getOutput().$refused->getErrorOutput());
        $this->assertDirectoryDoesNotExist($this->var.'/three/db');
    }

    /** @return array{string, string} a picture that the installation has, and where it lies */
    private function picture(string $of): array
    {
        $picture = random_bytes(3000);
        $hash = hash('sha256', $picture);
        $folder = $this->var.'/'.$of.'/storage/pictures/originals/'.substr($hash, 0, 2).'/'.substr($hash, 2, 2);
        is_dir($folder) || mkdir($folder, 0777, true);
        file_put_contents($folder.'/'.$hash, $picture);
        $this->sql(
            $this->var.'/'.$of,
            "insert into pictures (hash, bytes, mime) values ('$hash', 3000, 'image/jpeg')",
        );

        return [$picture, $folder.'/'.$hash];
    }

    /** @return list<string> */
    private function filesWith(string $folder, string $bytes): array
    {
        $found = [];
        $files = new \RecursiveIteratorIterator(
            new \RecursiveDirectoryIterator($folder, \FilesystemIterator::SKIP_DOTS),
        );
        foreach ($files as $file) {
            if (str_contains((string) file_get_contents((string) $file), $bytes)) {
                $found[] = (string) $file;
            }
        }

        return $found;
    }

    private function key(string $of): string
    {
        preg_match('/^APP_KEY=(.+)$/m', (string) file_get_contents($this->var.'/'.$of.'/.env'), $found);

        return $found[1] ?? '';
    }

    private function runs(string $script, string $of, string ...$arguments): Process
    {
        $process = $this->process($script, $this->var.'/'.$of, [], array_values($arguments));
        $process->run();

        return $process;
    }

    private function artisan(string $of, string ...$arguments): Process
    {
        return $this->process('../artisan', $this->var.'/'.$of, [], array_values($arguments));
    }

    private function sql(string $var, string $statement): void
    {
        (new Process([
            'mariadb',
            '--no-defaults',
            '--socket='.$this->socket($var),
            '-u',
            get_current_user() === 'root' ? 'root' : (string) getenv('USER'),
            'truepupil',
            '-e',
            $statement,
        ]))->mustRun();
    }

    /** Everything in the database but what an hour of serving leaves there. */
    private function dump(string $var): string
    {
        $passing = ['jobs', 'sessions', 'cache', 'cache_locks', 'nodes', 'service_events'];

        return (new Process([
            'mariadb-dump',
            '--no-defaults',
            '--socket='.$this->socket($var),
            '-u',
            get_current_user() === 'root' ? 'root' : (string) getenv('USER'),
            '--skip-comments',
            '--skip-dump-date',
            ...array_map(fn (string $table): string => '--ignore-table=truepupil.'.$table, $passing),
            'truepupil',
        ]))
            ->mustRun()
            ->getOutput();
    }

    private function socket(string $var): string
    {
        if (is_file($var.'/run/db.sock') || file_exists($var.'/run/db.sock')) {
            return $var.'/run/db.sock';
        }
        // A deep folder has its sockets elsewhere.
        preg_match(
            '~--datadir='.preg_quote($var, '~').'/db .*?--socket=(\S+)~',
            (string) shell_exec('ps -eo args'),
            $found,
        );

        return $found[1] ?? '';
    }
}
