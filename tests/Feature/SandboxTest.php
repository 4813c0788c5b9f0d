<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Imaging\FrameMeasurer;
use App\Imaging\OutsideProgram;
use App\Imaging\OutsideProgramFailed;
use App\Imaging\PixelEngine;
use App\Imaging\Sandbox;
use App\Imaging\SyscallFilter;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\DecodesAfresh;
use Tests\Support\Pictures;
use Tests\TestCase;
use TruePupil\Core\Composition\Marks;

/** Code that runs where pictures are parsed sees the one picture, and reaches nothing. */
#[DecodesAfresh]
final class SandboxTest extends TestCase
{
    public function test_another_picture_cannot_be_read_and_the_one_it_was_given_can(): void
    {
        if (! $this->isShutIn()) {
            return;
        }
        $own = Pictures::jpeg();
        $other = Pictures::jpeg(patch: 150);
        $read = fn (string $path): string => $this->parsing(
            sprintf('echo @file_get_contents(%s) === false ? "no" : "yes";', var_export($path, true)),
            [$own],
        );
        $this->assertSame('yes', $read($own));
        $this->assertSame(dirname($own), dirname($other), 'it lies right beside it');
        $others = [$other, base_path('composer.json'), storage_path('logs'), '/etc/passwd', '/root', '/proc/1/environ'];
        foreach ($others as $path) {
            $this->assertSame('no', $read($path), $path);
        }
        $this->assertSame(
            [basename($own)],
            json_decode($this->parsing(
                sprintf('echo json_encode(array_values(array_diff(scandir(%s), [".", ".."])));', var_export(
                    dirname($own),
                    true,
                )),
                [$own],
            )),
        );
    }

    public function test_no_network_is_reached(): void
    {
        if (! $this->isShutIn()) {
            return;
        }
        $server = stream_socket_server('tcp://127.0.0.1:0');
        $name = stream_socket_get_name($server, false);
        $this->assertNotFalse(stream_socket_client('tcp://'.$name, timeout: 2), 'from outside it is');
        $this->assertSame(
            'unreached',
            $this->parsing(
                sprintf('echo @stream_socket_client("tcp://%s", $n, $s, 2) ? "reached" : "unreached";', $name),
            ),
        );
        $this->assertSame('', $this->parsing('echo implode(" ", array_keys(@net_get_interfaces() ?: []));'));
    }

    /** @param  string  $call  as C writes it; it fails for another reason, or not at all, where nothing is filtered */
    #[DataProvider('refusedCalls')]
    public function test_the_kernel_is_not_asked_for_what_no_parser_needs(string $call): void
    {
        if (! $this->isShutIn() || SyscallFilter::bytes() === null) {
            return;
        }
        $code = '$c = FFI::cdef("long syscall(long, ...); int *__errno_location();"); '.
            sprintf('$said = $c->syscall(%s); echo $said < 0 ? $c->__errno_location()[0] : "done";', $call);
        $this->assertSame('1', $this->parsing($code), 'EPERM');
        exec('php -d ffi.enable=1 -r '.escapeshellarg($code), $without);
        $this->assertNotSame(['1'], $without, 'from outside it is another answer');
    }

    public static function refusedCalls(): iterable
    {
        if (php_uname('m') === 'x86_64') {
            yield 'to be traced' => ['101, 0, 0, 0, 0'];
            yield 'a key' => ['248, null, null, null, 0, 0'];
            yield 'a socket of the internet' => ['41, 2, 1, 0'];
            yield 'a socket to the kernel' => ['41, 16, 3, 0'];
        }
        yield 'a ring of input and output' => ['425, 1, null'];
    }

    public function test_a_filter_is_whole_steps_and_none_is_made_for_an_unknown_machine(): void
    {
        foreach (['x86_64', 'aarch64'] as $machine) {
            $steps = str_split((string) SyscallFilter::bytes($machine), 8);
            $this->assertSame([8], array_values(array_unique(array_map(strlen(...), $steps))));
            // struct sock_filter: the last step lets everything else pass, and none leads beyond it.
            $this->assertSame(['code' => 6, 'so' => 0, 'not' => 0, 'k' => 0x7FFF0000], $this->step(end($steps)));
            foreach ($steps as $at => $step) {
                ['so' => $so, 'not' => $not] = $this->step($step);
                $this->assertLessThan(count($steps), $at + 1 + max($so, $not) - ($at + 1 === count($steps) ? 1 : 0));
            }
        }
        $this->assertNull(SyscallFilter::bytes('pdp11'));
    }

    /** @return array<string, int> */
    private function step(string $bytes): array
    {
        return unpack('vcode/Cso/Cnot/Vk', $bytes) ?: [];
    }

    public function test_it_is_nobody_knows_no_secret_and_leaves_nothing(): void
    {
        if (! $this->isShutIn()) {
            return;
        }
        putenv('A_SECRET=yes');
        $this->assertSame('65534', $this->parsing('echo posix_geteuid();'));
        $this->assertSame('', $this->parsing('echo getenv("A_SECRET"), getenv("DB_PASSWORD"), getenv("APP_KEY");'));
        putenv('A_SECRET');
        $own = Pictures::jpeg();
        $this->assertSame('kept', $this->parsing(
            sprintf('echo @file_put_contents(%s, "x") === false ? "kept" : "changed";', var_export($own, true)),
            [$own],
        ));
        // A child that would outlive it goes with it.
        $mark = 'sleep 98'.random_int(100, 999);
        $this->parsing(sprintf('exec("%s > /dev/null 2>&1 &"); echo "gone";', $mark));
        usleep(200_000);
        $this->assertSame('', trim((string) shell_exec('pgrep -f '.escapeshellarg('^'.$mark).' || true')));
    }

    public function test_only_what_was_given_to_write_to_is_written(): void
    {
        if (! $this->isShutIn()) {
            return;
        }
        $folder = sys_get_temp_dir().'/sandbox-'.bin2hex(random_bytes(4));
        mkdir($folder.'/given', 0777, true);
        $this->parsing(
            sprintf('file_put_contents("%1$s/given/a", "x"); @file_put_contents("%1$s/b", "x"); echo "done";', $folder),
            [],
            [$folder.'/given'],
        );
        $this->assertSame([true, false], [is_file($folder.'/given/a'), is_file($folder.'/b')]);
    }

    public function test_time_memory_and_files_end(): void
    {
        $fails = function (string $code, float $seconds = 20.0): bool {
            try {
                $this->parsing($code, seconds: $seconds);
            } catch (OutsideProgramFailed) {
                return true;
            }

            return false;
        };
        $this->assertTrue($fails('sleep(5); echo "awake";', 0.5));
        $this->assertTrue($fails('ini_set("memory_limit", "-1"); echo strlen(str_repeat("x", 3_000_000_000));'));
        $this->assertTrue($fails(
            '$f = fopen("/tmp/x", "w"); $mega = str_repeat("x", 1 << 20); '.
                'for ($i = 0; $i < 500; $i++) { if (fwrite($f, $mega) === false) { exit(1); } } echo "all";',
        ));
    }

    public function test_where_nobody_can_be_shut_in_pictures_are_read_all_the_same(): void
    {
        $without = new Sandbox(false);
        $this->assertFalse($without->works());
        $this->assertSame(['true'], $without->around(['true']));
        $this->app->instance(Sandbox::class, $without);
        $this->app->forgetInstance(PixelEngine::class);
        app()->forgetInstance(FrameMeasurer::class);
        $this->assertNotSame([], app(FrameMeasurer::class)->measure(Pictures::jpeg(), new Marks())->toArray());
        $this->assertSame('off', $this->get('/readyz')->json('parts.sandbox.sandbox'));
        $this->app->instance(Sandbox::class, new Sandbox());
        $works = (new Sandbox())->works();
        $this->assertSame($works ? 'on' : 'off', $this->get('/readyz')->json('parts.sandbox.sandbox'));
    }

    /** Where the kernel shuts nobody in, all that is promised is that the page for monitors says so. */
    private function isShutIn(): bool
    {
        $works = (new Sandbox())->works();
        $this->assertSame($works ? 'on' : 'off', $this->get('/readyz')->json('parts.sandbox.sandbox'));

        return $works;
    }

    /**
     * @param  list<string>  $reads
     * @param  list<string>  $writes
     */
    private function parsing(string $code, array $reads = [], array $writes = [], float $seconds = 20.0): string
    {
        return (new OutsideProgram('php', $seconds, new Sandbox()))->run(
            ['-d', 'display_errors=stderr', '-d', 'ffi.enable=1', '-r', $code],
            null,
            null,
            $reads,
            $writes,
        );
    }
}
