<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Imaging\FileCache;
use Illuminate\Support\Facades\File;
use RuntimeException;
use Symfony\Component\Process\Process;
use Tests\TestCase;

final class KeptFilesTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/kept-'.bin2hex(random_bytes(6));
    }

    protected function tearDown(): void
    {
        File::deleteDirectory($this->folder);
        parent::tearDown();
    }

    public function test_a_file_is_made_once(): void
    {
        $kept = new FileCache($this->folder, 1000);
        $made = 0;
        for ($time = 0; $time < 3; $time++) {
            $path = $kept->get('a', 'txt', function (string $target) use (&$made): void {
                $made++;
                File::put($target, 'once');
            });
            $this->assertSame('once', File::get($path));
        }
        $this->assertSame(1, $made);
    }

    public function test_the_folder_stays_within_its_size_and_loses_what_was_used_longest_ago(): void
    {
        $kept = new FileCache($this->folder, 250);
        $make = fn (string $name): string => $kept->get(
            $name,
            'txt',
            fn (string $target) => File::put($target, str_repeat('x', 100)),
        );
        touch($make('old'), time() - 500);
        touch($make('older'), time() - 900);
        $make('old');
        $make('new');

        $this->assertSame(['new.txt', 'old.txt'], array_map(basename(...), File::glob($this->folder.'/*')));
    }

    public function test_what_fails_half_way_leaves_nothing(): void
    {
        $kept = new FileCache($this->folder, 1000);
        try {
            $kept->get('a', 'txt', function (string $target): void {
                File::put($target, 'half');
                throw new RuntimeException('the disk is gone');
            });
            $this->fail('It should have failed.');
        } catch (RuntimeException $problem) {
            $this->assertSame('the disk is gone', $problem->getMessage());
        }
        $this->assertSame([], File::glob($this->folder.'/*'));
    }

    public function test_workers_side_by_side_never_see_half_a_file(): void
    {
        $code = 'require $argv[1]; $app = require $argv[2];
            $app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
            $kept = new App\Imaging\FileCache($argv[3], 3_000_000);
            for ($i = 0; $i < 60; $i++) {
                $name = "f".random_int(0, 6);
                $path = $kept->get($name, "bin", function (string $target): void {
                    foreach (range(1, 20) as $part) {
                        file_put_contents($target, str_repeat("y", 50_000), FILE_APPEND);
                    }
                });
                $handle = @fopen($path, "r");
                // Another worker may have made room; what is there is whole.
                if ($handle !== false && strlen(stream_get_contents($handle)) !== 1_000_000) { echo "torn"; }
            }';
        $workers = array_map(function () use ($code): Process {
            $worker = new Process(
                [
                    PHP_BINARY,
                    '-r',
                    $code,
                    base_path('vendor/autoload.php'),
                    base_path('bootstrap/app.php'),
                    $this->folder,
                ],
                timeout: 60,
            );
            $worker->start();

            return $worker;
        }, range(1, 3));
        foreach ($workers as $worker) {
            $worker->wait();
            $this->assertSame('', $worker->getOutput().$worker->getErrorOutput());
        }
        $this->assertLessThanOrEqual(4_000_000, array_sum(array_map(filesize(...), File::glob($this->folder.'/*'))));
    }
}
