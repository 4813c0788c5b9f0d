<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\HandIn\AddPicture;
use App\HandIn\PictureStore;
use App\HandIn\UploadPieces;
use App\HandIn\WorkingCopies;
use App\Imaging\FileCache;
use App\Imaging\FileStore;
use App\Imaging\PictureGate;
use App\Imaging\StoreAway;
use App\Models\Frame;
use App\Models\FrameState;
use App\Models\Picture;
use Illuminate\Filesystem\FilesystemAdapter;
use Illuminate\Filesystem\LocalFilesystemAdapter;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use League\Flysystem\Filesystem;
use League\Flysystem\Local\LocalFilesystemAdapter as LocalFiles;
use PHPUnit\Framework\Attributes\DataProvider;
use RuntimeException;
use Tests\Support\Pictures;
use Tests\Support\World;
use Tests\TestCase;

/** Pictures in a folder or in a remote store: the same to everybody who uses them, from whichever node. */
final class StoreTest extends TestCase
{
    use RefreshDatabase;

    public static bool $isAway = false;

    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = storage_path('scratch/store-'.bin2hex(random_bytes(5)));
        File::makeDirectory($this->folder, recursive: true);
    }

    protected function tearDown(): void
    {
        self::$isAway = false;
        File::deleteDirectory($this->folder);
        parent::tearDown();
    }

    /** @return iterable<string, array{bool}> */
    public static function kinds(): iterable
    {
        yield 'a folder' => [false];
        yield 'a remote store' => [true];
    }

    #[DataProvider('kinds')]
    public function test_what_one_node_puts_in_another_finds_and_takes_away(bool $isRemote): void
    {
        [$here, $there] = [$this->node($isRemote, 'here'), $this->node($isRemote, 'there')];
        $this->assertSame(! $isRemote, $here->isLocal());
        $file = Pictures::file('the first');
        $this->assertFalse($here->has('a/one'));
        $this->assertFileDoesNotExist($here->path('a/one'));
        $here->put('a/one', $file);
        $this->assertFileExists($file);
        $this->assertTrue($there->has('a/one'));
        $this->assertSame('the first', file_get_contents($there->path('a/one')));
        $here->putContent('a/b/two', 'the second');
        $this->assertSame(['a/b/two' => 10, 'a/one' => 9], $this->sizes($there, 'a'));
        $there->delete('a/one');
        $this->assertFalse($here->has('a/one'));
        $this->assertFileDoesNotExist($there->path('a/one'));
        $there->deleteFolder('a');
        $this->assertSame([], $this->sizes($here, 'a'));
    }

    #[DataProvider('kinds')]
    public function test_what_is_made_is_made_once_for_all_nodes(bool $isRemote): void
    {
        [$here, $there] = [$this->node($isRemote, 'here'), $this->node($isRemote, 'there')];
        $made = 0;
        $make = function (string $path) use (&$made): void {
            $made++;
            File::put($path, 'made');
        };
        foreach ([$here, $there, $here] as $node) {
            $this->assertSame('made', file_get_contents($node->made('copies/x.jpg', $make)));
        }
        $this->assertSame(1, $made);
        // What fails leaves nothing behind, near or far.
        try {
            $here->made('copies/y.jpg', function (string $path): void {
                File::put($path, 'half');
                throw new RuntimeException('It cannot be made.');
            });
            $this->fail('It was made.');
        } catch (RuntimeException) {
        }
        $this->assertFalse($there->has('copies/y.jpg'));
        $this->assertSame(['copies/x.jpg' => 4], $this->sizes($here, 'copies'));
    }

    public function test_what_is_kept_near_goes_when_nothing_knows_it_any_more(): void
    {
        $node = $this->node(true, 'here');
        $hash = hash('sha256', 'a picture');
        $node->putContent('originals/'.$hash, 'a picture');
        $near = $node->path('originals/'.$hash);
        $this->assertFileExists($near);
        touch($near, time() - 1200);
        $this->assertSame(0, $node->sweepNear(fn (array $hashes): array => $hashes));
        $this->assertSame(1, $node->sweepNear(fn (array $hashes): array => array_diff($hashes, [$hash])));
        $this->assertFileDoesNotExist($near);
        // It may be the node's neighbour who has just taken it in.
        $node->path('originals/'.$hash);
        $this->assertSame(0, $node->sweepNear(fn (array $hashes): array => []));
        touch($node->path('originals/'.$hash), time() - 86400 - 60);
        $this->assertSame(1, $node->sweepNear(fn (array $hashes): array => $hashes), 'nobody asked for it in a day');
    }

    public function test_what_was_never_finished_goes_after_a_day_and_what_lies_beside_it_stays(): void
    {
        $node = $this->node(false, 'here');
        $node->putContent('uploads/7/ab/000000000000', 'a piece');
        $old = ['7/before.part', '7/ab/000000000000.12ab.part', '7/ab/.000000000000.lock'];
        foreach ([...$old, '7/ab/000000000009.34cd.part'] as $name) {
            File::put($this->folder.'/uploads/'.$name, 'half');
        }
        $this->assertSame(['uploads/7/ab/000000000000' => 7], $this->sizes($node, 'uploads'));
        $this->assertSame(0, $node->sweepHalfWritten('uploads'));
        foreach ($old as $name) {
            touch($this->folder.'/uploads/'.$name, time() - 86400 - 60);
        }
        $this->assertSame(3, $node->sweepHalfWritten('uploads'));
        $this->assertFileExists($this->folder.'/uploads/7/ab/000000000009.34cd.part');
        $this->assertSame(['uploads/7/ab/000000000000' => 7], $this->sizes($node, 'uploads'));
    }

    public function test_a_store_that_does_not_answer_is_told_as_what_it_is(): void
    {
        File::deleteDirectory($this->folder);
        File::put($this->folder, 'no folder');
        $node = new FileStore($this->remote(), $this->near('here'));
        $this->app->when(PictureStore::class)->needs(FileStore::class)->give(fn (): FileStore => $node);
        try {
            $node->putContent('a/one', 'x');
            $this->fail('It was put in.');
        } catch (StoreAway $problem) {
            $this->assertStringContainsString('does not answer', $problem->getMessage());
        }
        $world = World::make();
        $this->actingAs($world->student)
            ->postJson(route('frames.store', $world->setBrief), [
                'pictures' => [new UploadedFile(Pictures::jpeg(), 'pot.jpg', test: true)],
            ])
            ->assertStatus(503)
            ->assertJsonPath(
                'message',
                'The store for pictures does not answer just now. What you typed is still here; try again in a minute.',
            );
        File::delete($this->folder);
        File::makeDirectory($this->folder);
    }

    public function test_a_frame_waits_for_a_store_that_is_away_and_is_not_given_up_for_it(): void
    {
        $node = $this->node(true, 'here');
        $this->app->when(PictureStore::class)->needs(FileStore::class)->give(fn (): FileStore => $node);
        $world = World::make();
        $picture = app(PictureStore::class)->keep(Pictures::jpeg(mark: 7));
        config(['queue.default' => 'database']);
        $frame = app(AddPicture::class)->handle($world->setBrief, $world->student, Pictures::jpeg(mark: 7), 'pot.jpg')
            ->frame;
        $this->assertTrue($frame->picture->is($picture));
        File::deleteDirectory($this->folder.'-near-here');
        self::$isAway = true;
        $work = fn (): int => Artisan::call('queue:work', ['--once' => true, '--queue' => 'reading']);
        $this->freezeTime();
        foreach ([10, 20, 40, 80, 120, 120] as $seconds) {
            $work();
            $this->assertSame(now()->getTimestamp() + $seconds, (int) DB::table('jobs')->value('available_at'));
            $this->assertSame(FrameState::Reading, $frame->fresh()?->state);
            $this->travel($seconds)->seconds();
        }
        self::$isAway = false;
        $work();
        $this->assertSame(FrameState::Ready, $frame->fresh()?->state);
        $this->assertSame([0, 0], [DB::table('jobs')->count(), DB::table('failed_jobs')->count()]);
    }

    public function test_a_picture_is_handed_in_through_a_remote_store_in_pieces_that_two_nodes_take(): void
    {
        $nodes = [$this->node(true, 'here'), $this->node(true, 'there')];
        $this->app->when(PictureStore::class)->needs(FileStore::class)->give(fn (): FileStore => $nodes[0]);
        $this->app->forgetInstance(WorkingCopies::class);
        $world = World::make();
        $content = (string) file_get_contents(Pictures::jpeg(mark: 5));
        $half = intdiv(strlen($content), 2);
        foreach ([0 => substr($content, 0, $half), $half => substr($content, $half)] as $offset => $piece) {
            $this->app->when(UploadPieces::class)->needs(FileStore::class)->give(
                fn (): FileStore => $nodes[$offset === 0 ? 0 : 1],
            );
            $facts = ['name' => 'pot.jpg', 'size' => strlen($content), 'modified' => 1, 'offset' => $offset];
            $this->actingAs($world->student)
                ->call(
                    'POST',
                    route('uploads.store', $world->setBrief).'?'.http_build_query($facts),
                    server: ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/octet-stream'],
                    content: $piece,
                )
                ->assertSuccessful();
        }
        $frame = Frame::query()->sole();
        $this->assertSame([FrameState::Ready, hash('sha256', $content)], [$frame->state, $frame->picture->hash]);
        $this->assertSame([], $this->sizes($nodes[1], 'uploads'));
        $this->assertCount(1, $this->sizes($nodes[1], 'originals'));
        $this->assertCount(1, $this->sizes($nodes[1], 'working'));
        $this->get(route('frames.picture', $frame))->assertOk()->assertHeader('Content-Type', 'image/jpeg');
        // A node that has nothing near serves it as well.
        $other = new PictureStore(app(PictureGate::class), $nodes[1]);
        $this->assertSame($content, file_get_contents($other->original($frame->picture)));
        $other->delete($frame->picture->hash);
        $this->assertSame([], $this->sizes($nodes[0], 'originals'));
    }

    public function test_browsers_are_sent_to_the_store_only_where_that_is_wanted_and_for_a_while(): void
    {
        $remote = $this->remote();
        $asked = [];
        $remote->buildTemporaryUrlsUsing(function (string $path, \DateTimeInterface $until) use (&$asked): string {
            $asked[] = [$path, $until->getTimestamp() - now()->getTimestamp()];

            return 'https://store.example/pictures/'.$path.'?signature=x';
        });
        $node = new FileStore($remote, $this->near('here'));
        $this->app->when(PictureStore::class)->needs(FileStore::class)->give(fn (): FileStore => $node);
        $this->app->forgetInstance(WorkingCopies::class);
        $world = World::make();
        $frame = $world->handedIn()->frames()->firstOrFail();
        $picture = route('frames.picture', $frame);
        $this->actingAs($world->student)->get($picture)->assertOk();
        config([
            'pupil.signed_addresses' => true,
            'filesystems.disks.pictures.endpoint' => 'https://store.example:9000',
        ]);
        $answer = $this->get($picture)->assertRedirectContains('https://store.example/pictures/working/');
        $this->assertStringContainsString('max-age=300', (string) $answer->headers->get('Cache-Control'));
        $this->assertSame([600], array_column($asked, 1));
        $this->assertStringContainsString(
            "img-src 'self' data: blob: https://store.example:9000;",
            (string) $answer->headers->get('Content-Security-Policy'),
        );
        $this->actingAs($world->neighbour)->get($picture)->assertForbidden();
    }

    private function node(bool $isRemote, string $name): FileStore
    {
        $files = new LocalFiles($this->folder);

        return new FileStore(
            $isRemote
                ? $this->remote()
                : new LocalFilesystemAdapter(
                    new Filesystem($files),
                    $files,
                    ['root' => $this->folder, 'throw' => true],
                ),
            $this->near($name),
        );
    }

    /** A store of which nothing is known but what the framework's disks can do. */
    private function remote(): FilesystemAdapter
    {
        $files = new LocalFiles($this->folder, lazyRootCreation: true);

        return new class(new Filesystem($files), $files, ['throw' => true]) extends FilesystemAdapter
        {
            public function exists($path): bool
            {
                return StoreTest::$isAway
                    ? throw new RuntimeException('Connection refused')
                    : parent::exists($path);
            }
        };
    }

    private function near(string $name): FileCache
    {
        return new FileCache($this->folder.'-near-'.$name, 10_000_000);
    }

    /** @return array<string, int> bytes by key */
    private function sizes(FileStore $store, string $folder): array
    {
        $sizes = array_map(fn (array $facts): int => $facts['bytes'], iterator_to_array($store->files($folder)));
        ksort($sizes);

        return $sizes;
    }

    public function test_a_picture_whose_file_is_gone_comes_again_with_the_same_file(): void
    {
        $node = $this->node(true, 'here');
        $store = new PictureStore(app(PictureGate::class), $node);
        $picture = $store->keep($path = Pictures::jpeg(mark: 9));
        $store->delete($picture->hash);
        $this->assertFalse($store->has($picture->hash));
        $this->assertTrue($store->keep($path)->is($picture));
        $this->assertTrue($store->has($picture->hash));
        $this->assertSame(1, Picture::query()->count());
    }
}
