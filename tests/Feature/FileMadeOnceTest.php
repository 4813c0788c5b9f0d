<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Imaging\Once;
use App\Imaging\StillMaking;
use Tests\TestCase;

/** However many processes ask for a file at the same time, it is made once. */
final class FileMadeOnceTest extends TestCase
{
    public function test_many_ask_and_one_makes(): void
    {
        $folder = sys_get_temp_dir().'/once-'.bin2hex(random_bytes(4));
        $children = [];
        for ($child = 0; $child < 8; $child++) {
            $children[] = $pid = pcntl_fork();
            if ($pid === 0) {
                try {
                    Once::make($folder.'/a/whole.jpg', function (string $path) use ($folder): void {
                        usleep(200_000);
                        file_put_contents($folder.'/count', getmypid()."\n", FILE_APPEND);
                        copy(__FILE__, $path);
                    });
                    exit(is_file($folder.'/a/whole.jpg') ? 0 : 2);
                } catch (\Throwable) {
                    exit(3);
                }
            }
        }
        $failed = 0;
        foreach ($children as $pid) {
            pcntl_waitpid($pid, $status);
            $failed += pcntl_wexitstatus($status);
        }
        $this->assertSame(0, $failed);
        $this->assertCount(1, file($folder.'/count') ?: []);
        $this->assertSame(['whole.jpg'], array_map(basename(...), glob($folder.'/a/{,.}[!.]*', GLOB_BRACE) ?: []));
    }

    public function test_who_waits_too_long_is_told_to_come_back(): void
    {
        $folder = sys_get_temp_dir().'/once-'.bin2hex(random_bytes(4));
        mkdir($folder);
        $held = fopen($folder.'/.x.jpg.lock', 'c');
        flock($held, LOCK_EX);
        $this->expectException(StillMaking::class);
        Once::make($folder.'/x.jpg', fn () => $this->fail('It is being made by somebody else.'), 0.1);
    }
}
