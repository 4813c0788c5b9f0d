<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\ReadFrame;
use App\Workers\Child;
use App\Workers\Lease;
use App\Workers\NodePresence;
use App\Workers\Supervisor;
use Illuminate\Contracts\Queue\Job;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tests\Support\OneConnection;
use Tests\TestCase;

/** A job belongs to its worker while that lives, and to another as soon as it is dead. */
final class WorkersTest extends TestCase
{
    use OneConnection;
    use RefreshDatabase;

    private ?Process $redis = null;

    protected function tearDown(): void
    {
        $this->redis?->stop(3);
        parent::tearDown();
    }

    /** @return iterable<string, array{string}> */
    public static function queues(): iterable
    {
        yield 'in the database' => ['database'];
        yield 'in Redis' => ['redis'];
    }

    #[DataProvider('queues')]
    public function test_a_job_stays_with_a_living_worker_and_goes_on_from_a_dead_one(string $queue): void
    {
        $this->use($queue);
        $this->freezeTime();
        ReadFrame::dispatch(17)->onQueue('reading');
        $pop = fn (): ?Job => Queue::connection($queue)->pop('reading');
        $first = $pop();
        $this->assertSame([1, null], [$first?->attempts(), $pop()?->attempts()]);
        $lease = Lease::read((string) Lease::of($first ?? throw new \LogicException())?->write());
        // As long as its worker says that it is at it, however long that takes.
        foreach ([1, 2, 3, 4] as $time) {
            $this->travel(15)->seconds();
            $lease?->renew();
            $this->assertNull($pop());
        }
        $this->travel(19)->seconds();
        $this->assertNull($pop());
        $this->travel(2)->seconds();
        $second = $pop();
        $this->assertSame(2, $second?->attempts(), 'nobody has spoken for twenty seconds');
        // The first worker was only slow: what it says no longer counts.
        $lease?->renew();
        $lease?->end();
        $this->assertNull($pop());
        // The second is known to be dead: nobody waits for its time to be over.
        Lease::of($second ?? throw new \LogicException())?->end();
        $third = $pop();
        $this->assertSame(3, $third?->attempts());
        $third?->delete();
        Lease::of($third ?? throw new \LogicException())?->renew();
        $this->assertSame([null, 0], [$pop(), Queue::connection($queue)->size('reading')]);
    }

    private function use(string $queue): void
    {
        if ($queue === 'redis') {
            $folder = storage_path('scratch/redis-'.Str::random(6));
            File::makeDirectory($folder, recursive: true);
            $socket = stream_socket_server('tcp://127.0.0.1:0');
            $port = Str::afterLast((string) stream_socket_get_name($socket, false), ':');
            fclose($socket);
            $this->redis = new Process(['redis-server', '--port', $port, '--bind', '127.0.0.1', '--dir', $folder]);
            $this->redis->start();
            $this->redis->waitUntil(fn (string $type, string $said): bool => str_contains($said, 'Ready to accept'));
            config(['database.redis.default.port' => $port]);
        }
        config(['queue.default' => $queue]);
    }

    public function test_what_is_no_lease_is_none(): void
    {
        foreach (['null', '', 'words', '[1,2]', '{"a":1}'] as $line) {
            $this->assertNull(Lease::read($line));
        }
    }

    public function test_a_worker_that_dies_is_replaced_and_told_from_one_that_is_busy(): void
    {
        $folder = storage_path('scratch/workers-'.Str::random(6));
        File::makeDirectory($folder, recursive: true);
        $lease = fn (int $id): string => json_encode(['database', 'reading', (string) $id, '1'], JSON_THROW_ON_ERROR);
        [$dead, $busy] = [$this->reserved(), $this->reserved()];
        // The first to start dies at its job; the second and the one that comes after stay at theirs.
        $script = $folder.'/worker';
        File::put($script, <<<BASH
            #!/bin/bash
            if mkdir "$folder/first" 2>/dev/null; then
                echo '{$lease($dead)}' >&3; sleep 0.6; kill -KILL \$\$
            fi
            echo '{$lease($busy)}' >&3
            trap 'echo null >&3; exit 0' TERM
            echo \$\$ >>"$folder/stayed"
            while :; do sleep 0.1; done
            BASH);
        chmod($script, 0755);
        $supervisor = new Supervisor([$script], 2, $folder.'/log', new NodePresence());
        $there = null;
        pcntl_async_signals(true);
        pcntl_signal(SIGALRM, function () use ($supervisor, &$there): void {
            $there = NodePresence::present();
            $supervisor->stop();
        });
        pcntl_alarm(7);
        $supervisor->run();
        pcntl_signal(SIGALRM, SIG_DFL);

        $reserved = fn (int $id): int => (int) DB::table('jobs')->where('id', $id)->value('reserved_at');
        $this->assertLessThan(time() - 20, $reserved($dead), 'given back at once');
        $this->assertGreaterThan(time() - 8, $reserved($busy), 'prolonged, though it was taken long ago');
        $this->assertCount(2, File::lines($folder.'/stayed')->filter()->all());
        $this->assertSame([[2, 2]], array_map(fn (array $node): array => [$node['workers'], $node['busy']], $there));
        $this->assertSame([], NodePresence::present(), 'it has left');
        foreach (File::lines($folder.'/stayed')->filter() as $pid) {
            $this->assertFalse(posix_kill((int) $pid, 0), 'nothing is left running');
        }
    }

    public function test_a_worker_whose_supervisor_is_killed_does_not_go_on(): void
    {
        $folder = storage_path('scratch/workers-'.Str::random(6));
        File::makeDirectory($folder, recursive: true);
        File::put($folder.'/worker', "#!/bin/bash\necho \$\$ >\"$folder/pid\"\nexec sleep 60\n");
        chmod($folder.'/worker', 0755);
        $pid = pcntl_fork();
        if ($pid === 0) {
            Child::start([$folder.'/worker'], $folder.'/log');
            sleep(60);
            posix_kill(posix_getpid(), SIGKILL);
        }
        $wait = function (callable $until): bool {
            for ($try = 0; $try < 50 && ! $until(); $try++) {
                usleep(100_000);
            }

            return $until();
        };
        $read = fn (): int => (int) @file_get_contents($folder.'/pid');
        $this->assertTrue($wait(fn (): bool => $read() > 0));
        $worker = $read();
        $this->assertTrue(posix_kill($worker, 0));
        posix_kill($pid, SIGKILL);
        pcntl_waitpid($pid, $status);
        $this->assertTrue($wait(fn (): bool => ! posix_kill($worker, 0) || $this->isZombie($worker)));
    }

    private function isZombie(int $pid): bool
    {
        return preg_match('/^State:\s+Z/m', (string) @file_get_contents('/proc/'.$pid.'/status')) === 1;
    }

    /** @return int the id of a job that was taken a minute ago */
    private function reserved(): int
    {
        return DB::table('jobs')->insertGetId([
            'queue' => 'reading',
            'payload' => '{}',
            'attempts' => 1,
            'reserved_at' => time() - 60,
            'available_at' => time() - 60,
            'created_at' => time() - 60,
        ]);
    }
}
