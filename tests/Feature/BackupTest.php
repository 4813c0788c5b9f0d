<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\Support\Served;

/** A running course is saved and brought back elsewhere, byte for byte; what is damaged or in the way is told. */
final class BackupTest extends TestCase
{
    use Served;

    public function test_a_running_course_comes_back_on_an_empty_machine(): void
    {
        [$first] = $this->serve($this->var.'/one');
        $picture = random_bytes(3000);
        $hash = hash('sha256', $picture);
        $folder = $this->var.'/one/storage/pictures/originals/'.substr($hash, 0, 2).'/'.substr($hash, 2, 2);
        mkdir($folder, 0777, true);
        file_put_contents($folder.'/'.$hash, $picture);
        $this->sql(
            $this->var.'/one',
            "insert into pictures (hash, bytes, mime) values ('$hash', 3000, 'image/jpeg'); "
                ."update courses set name = 'Abend ƒ/8 – ½', approach = '{\"start\": \"manual\"}'",
        );
        $before = $this->dump($this->var.'/one');
        $file = $this->var.'/saved.tar.gz';

        $saved = $this->runs('backup', $this->var.'/one', $file);
        $this->assertSame(0, $saved->getExitCode(), $saved->getErrorOutput());
        $this->assertStringContainsString('keep it as you would keep them', $saved->getOutput());
        $this->assertSame('600', substr(sprintf('%o', fileperms($file)), -3));
        // Once more under the same name would overwrite it.
        $this->assertStringContainsString(
            'not overwritten',
            $this->runs('backup', $this->var.'/one', $file)->getErrorOutput(),
        );
        $first->signal(SIGTERM);
        $first->wait();

        $restored = $this->runs('restore', $this->var.'/two', $file);
        $this->assertSame(0, $restored->getExitCode(), $restored->getErrorOutput());
        $this->assertStringContainsString(
            'not overwritten',
            $this->runs('restore', $this->var.'/two', $file)->getErrorOutput(),
        );
        [, $port] = $this->serve($this->var.'/two');
        $this->assertSame($before, $this->dump($this->var.'/two'));
        $this->assertSame($picture, file_get_contents(str_replace('/one/', '/two/', $folder).'/'.$hash));
        $this->assertStringContainsString(
            'Sign in',
            (string) file_get_contents('http://127.0.0.1:'.$port.'/sign-in'),
        );
    }

    public function test_what_is_no_backup_or_damaged_restores_nothing(): void
    {
        mkdir($this->var, 0777, true);
        file_put_contents($this->var.'/words.tar.gz', 'words');
        $words = $this->runs('restore', $this->var.'/three', $this->var.'/words.tar.gz');
        $this->assertSame(1, $words->getExitCode());
        $this->assertStringContainsString('no backup, or it is damaged', $words->getErrorOutput());
        $this->assertDirectoryDoesNotExist($this->var.'/three/db');

        $folder = $this->var.'/made';
        mkdir($folder);
        file_put_contents(
            $folder.'/version',
            "true-pupil-backup 1\n2026_11_24_000001_create_people_and_courses.php\n",
        );
        file_put_contents($folder.'/database.sql', 'select 1;');
        file_put_contents($folder.'/sums', hash('sha256', 'something else').'  database.sql'."\n");
        (new Process([
            'tar',
            '-czf',
            $this->var.'/bent.tar.gz',
            '-C',
            $folder,
            'version',
            'database.sql',
            'sums',
        ]))->mustRun();
        $bent = $this->runs('restore', $this->var.'/three', $this->var.'/bent.tar.gz');
        $this->assertStringContainsString('not as they were saved', $bent->getErrorOutput());
        $this->assertDirectoryDoesNotExist($this->var.'/three/db');

        $this->assertStringContainsString(
            'nothing runs from',
            $this->runs('backup', $this->var.'/nowhere', $this->var.'/x.tar.gz')->getErrorOutput(),
        );
    }

    private function runs(string $script, string $var, string $file): Process
    {
        $process = $this->process($script, $var, [], [$file]);
        $process->run();

        return $process;
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
        return (new Process([
            'mariadb-dump',
            '--no-defaults',
            '--socket='.$this->socket($var),
            '-u',
            get_current_user() === 'root' ? 'root' : (string) getenv('USER'),
            '--skip-comments',
            '--skip-dump-date',
            '--ignore-table=truepupil.jobs',
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
