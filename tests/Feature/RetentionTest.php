<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\HandIn\AddPicture;
use App\HandIn\HandInRefused;
use App\HandIn\PartialUpload;
use App\HandIn\PictureStore;
use App\HandIn\UploadPieces;
use App\Models\Attempt;
use App\Models\Course;
use App\Models\DaySheet;
use App\Models\Frame;
use App\Models\FrameState;
use App\Models\Picture;
use App\Models\SavedPlan;
use App\Models\User;
use App\Retention\Cleaning;
use App\Retention\StorageUse;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;
use Symfony\Component\Process\Process;
use Tests\Support\Pictures;
use Tests\Support\World;
use Tests\TestCase;
use ZipArchive;

final class RetentionTest extends TestCase
{
    use RefreshDatabase;

    protected function setUp(): void
    {
        parent::setUp();
        File::deleteDirectory(storage_path('pictures'));
        File::deleteDirectory(storage_path('app'));
    }

    public function test_a_frame_that_is_replaced_or_removed_takes_its_files_along(): void
    {
        $world = World::make();
        $first = $this->add($world, Pictures::jpeg(patch: 100))->load('picture');
        $files = $this->files($first->picture->hash);
        $this->assertCount(4, $files, 'the original, the copy that is shown, what was read and what was measured');
        $second = $this->add($world, Pictures::jpeg(patch: 140))->load('picture');
        $this->assertSame([], $this->files($first->picture->hash));
        $this->assertNull(Picture::query()->find($first->picture_id));
        $this->actingAs($world->student)->delete(route('frames.destroy', $second));
        $this->assertSame([], $this->files($second->picture->hash));
        $this->assertSame(0, Picture::query()->count());
    }

    public function test_what_somebody_else_still_shows_stays(): void
    {
        $world = World::make();
        $picture = Pictures::jpeg();
        $own = $this->add($world, $picture);
        $theirs = $this->add($world, $picture, $world->neighbour);
        $this->assertSame($own->picture_id, $theirs->picture_id);
        $this->actingAs($world->student)->delete(route('frames.destroy', $own));
        $this->assertCount(4, $this->files($theirs->picture->hash));
        $this->actingAs($world->neighbour)->delete(route('frames.destroy', $theirs));
        $this->assertSame([], $this->files($theirs->picture->hash));
    }

    public function test_the_place_is_taken_out_unless_its_owner_wants_it_to_stay(): void
    {
        $world = World::make();
        $picture = $this->withPlace();
        $frame = $this->add($world, $picture);
        $kept = app(PictureStore::class)->original($frame->picture);
        $this->assertSame('', $this->placeIn($kept));
        $this->assertSame('1/100', trim($this->exiftool('-s3', '-ExposureTime', $kept)), 'everything else stays');
        $this->assertSame([], $this->files(hash_file('sha256', $picture)), 'the file as it came is gone');
        $this->assertStringNotContainsString('GPS', (string) json_encode($frame->tags));

        // The same file again is the same frame.
        $this->assertSame($frame->id, $this->add($world, $picture)->id);

        $world->neighbour->update(['keeps_location' => true]);
        $theirs = $this->add($world, $this->withPlace(patch: 150), $world->neighbour);
        $this->assertNotSame('', $this->placeIn(app(PictureStore::class)->original($theirs->picture)));
    }

    public function test_the_same_file_keeps_its_place_for_whoever_wants_it_and_for_nobody_else(): void
    {
        $world = World::make();
        $picture = $this->withPlace();
        $this->add($world, $picture);
        $world->neighbour->update(['keeps_location' => true]);
        $theirs = $this->add($world, $picture, $world->neighbour);
        $kept = app(PictureStore::class)->original($theirs->picture);
        $this->assertSame(hash_file('sha256', $picture), hash_file('sha256', $kept));
        $this->assertNotSame('', $this->placeIn($kept));

        // What is kept under a hash always has it, also where a file had been lost.
        $own = $this->add($world, $picture);
        $lost = app(PictureStore::class)->original($own->picture);
        File::delete($lost);
        $this->add($world, $picture);
        foreach (Picture::query()->get() as $one) {
            $path = app(PictureStore::class)->original($one);
            $this->assertTrue(! is_file($path) || hash_file('sha256', $path) === $one->hash);
        }
    }

    #[DataProvider('placesThatStay')]
    public function test_whose_camera_it_was_is_taken_out_whatever_else_stays(bool $keepsPlace): void
    {
        $world = World::make();
        $world->student->update(['keeps_location' => $keepsPlace]);
        $path = $this->withPlace();
        $said = [
            'SerialNumber=4711',
            'LensSerialNumber=4712',
            'OwnerName=Ana Dent',
            'Artist=Ana Dent',
            'XMP-dc:Creator=Ana Dent',
        ];
        $this->exiftool(
            '-q',
            '-overwrite_original',
            ...array_map(fn (string $tag): string => '-'.$tag, $said),
            ...[$path],
        );
        $frame = $this->add($world, $path);

        $kept = app(PictureStore::class)->original($frame->picture);
        $this->assertStringContainsString('Ana Dent', (string) file_get_contents($path));
        $this->assertStringNotContainsString('Ana Dent', (string) file_get_contents($kept));
        $this->assertSame('', trim($this->exiftool('-s3', '-SerialNumber', '-LensSerialNumber', '-Creator', $kept)));
        $this->assertSame($keepsPlace, $this->placeIn($kept) !== '');
        $this->assertStringNotContainsString('4711', (string) json_encode($frame->tags));
        $this->assertSame(FrameState::Ready, $frame->state);
    }

    /** @return iterable<string, array{bool}> */
    public static function placesThatStay(): iterable
    {
        yield 'with its place' => [true];
        yield 'without' => [false];
    }

    public function test_two_files_that_differ_in_their_place_alone_are_one_picture(): void
    {
        $world = World::make();
        $brief = $world->setBrief->brief;
        $world->setBrief->update(['brief' => ['frames' => 3, 'series' => 'bracket'] + $brief]);
        $first = $this->withPlace();
        $second = Pictures::file((string) file_get_contents($first));
        $this->exiftool('-q', '-overwrite_original', '-GPSLatitude=51.7', $second);
        $this->add($world, $first);
        $frame = $this->add($world, $second);
        $this->assertSame(FrameState::Refused, $frame->state);
        $this->assertStringContainsString('the same picture as "pot.jpg"', (string) $frame->problem);
    }

    public function test_an_account_goes_after_its_time_of_grace_with_every_byte(): void
    {
        // Mail is written down, also what others are told of somebody.
        config(['mail.default' => 'letterbox']);
        $world = World::make();
        $student = $world->student;
        $student->forceFill(['email' => 'vanishing@kilnyard.example', 'email_verified_at' => now()])->save();
        $world->instructor->forceFill(['email_verified_at' => now()])->save();
        $attempt = $world->handedIn($this->withPlace());
        $frame = $attempt->frames->first();
        [$hash, $original] = [$frame->picture->hash, app(PictureStore::class)->original($frame->picture)];
        $bytes = substr((string) file_get_contents($original), -2000, 64);
        $this->actingAs($world->instructor)->post(route('desk.publish', $attempt), ['summary' => 'Good.']);
        $this->actingAs($student)->post(route('attempts.reply', $attempt), ['reply' => 'Thanks.']);
        $this->put(route('kit.update'), [
            'name' => 'x', 'format' => '36x24', 'stepsPerStop' => '3', 'supports' => ['tripod'],
        ]);
        // Words about somebody else's frame.
        $theirs = $world->handedIn(Pictures::jpeg(patch: 150), $world->neighbour)->frames->first();
        $theirs->notes()->create([
            'author_id' => $student->id, 'kind' => 'try', 'body' => 'Wait for the cloud.', 'given_at' => now(),
            'token' => (string) Str::uuid(),
        ]);

        $this->assertContains('letters', $this->rowsWith('Stu Dent'), 'the instructor was written of the answer');
        $this->delete(route('account.destroy'), ['delete_password' => 'wrong'])->assertSessionHasErrors();
        $this->assertNull($student->refresh()->delete_at);
        $this->delete(route('account.destroy'), ['delete_password' => 'a-long-password']);
        $this->get(route('account'))->assertSee('Keep the account');
        $this->travel(13)->days();
        $this->clean();
        $this->assertNotNull(User::query()->find($student->id));
        $this->travel(2)->days();
        $this->assertArrayHasKey('accounts whose time of grace was over', $this->clean());

        $this->assertNull(User::query()->find($student->id));
        $this->assertSame([], $this->files($hash));
        foreach (['vanishing@kilnyard.example', 'Stu Dent', $hash] as $trace) {
            $this->assertSame([], $this->rowsWith($trace), $trace);
        }
        $this->assertSame([], $this->filesWith($bytes));
        $this->assertSame([], $this->filesWith('vanishing@kilnyard.example'));
        $note = $theirs->notes()->with('author')->sole();
        $this->assertSame(['Wait for the cloud.', 'somebody who has left'], [$note->body, $note->author->name]);
        $this->actingAs($world->instructor)->get(route('desk.show', $theirs->attempt))->assertSee('who has left');
    }

    public function test_who_changes_their_mind_stays_and_nobody_leaves_a_course_without_a_teacher(): void
    {
        $world = World::make();
        $this->actingAs($world->student)->delete(route('account.destroy'), ['delete_password' => 'a-long-password']);
        $this->post(route('account.keep'));
        $this->travel(20)->days();
        $this->clean();
        $this->assertNotNull($world->student->fresh());

        $this->actingAs($world->instructor)
            ->delete(route('account.destroy'), ['delete_password' => 'a-long-password'])
            ->assertSessionHas('problem');
        $this->assertNull($world->instructor->fresh()->delete_at);
    }

    public function test_everything_of_a_person_can_be_taken_along(): void
    {
        $world = World::make();
        $attempt = $world->handedIn();
        $path = tempnam(sys_get_temp_dir(), 'takeout');
        $response = $this->actingAs($world->student)->post(route('account.takeout'));
        File::copy($response->baseResponse->getFile()->getPathname(), $path);
        $zip = new ZipArchive();
        $zip->open($path);
        $names = array_map(fn (int $at): string => (string) $zip->getNameIndex($at), range(0, $zip->numFiles - 1));
        $picture = array_values(preg_grep('~^pictures/~', $names) ?: [])[0];
        $this->assertSame(
            $attempt->frames->first()->picture->hash,
            hash('sha256', (string) $zip->getFromName($picture)),
            'the picture as it was handed in',
        );
        $account = json_decode((string) $zip->getFromName('account.json'), true);
        $this->assertSame($world->student->email, $account['email']);
        $this->assertSame('Evening course', $account['courses'][0]['name']);
        $this->assertStringNotContainsString('password', (string) $zip->getFromName('account.json'));
        $this->assertStringNotContainsString($world->neighbour->email, implode('', array_map(
            fn (string $name): string => (string) $zip->getFromName($name),
            preg_grep('/json$/', $names) ?: [],
        )));
    }

    public function test_a_course_keeps_attempts_as_long_as_its_instructor_says(): void
    {
        $world = World::make();
        $attempt = $world->handedIn();
        $hash = $attempt->frames->first()->picture->hash;
        $words = ['user_id' => $world->student->id, 'set_brief_id' => $world->setBrief->id];
        $sheet = DaySheet::query()->create([...$words, 'content' => ['title' => 'The yard']]);
        $plan = SavedPlan::query()->create([
            ...$words,
            'number' => 1,
            'input' => ['about' => 'a pot'],
            'chosen' => null,
        ]);
        $this->travel(7)->months();
        $this->clean();
        $this->assertNotNull($sheet->fresh());
        $this->assertNotNull($attempt->fresh(), 'as long as the course, where nothing is said');
        $world->course->update(['keeps_months' => 6]);
        $later = $world->handedIn(Pictures::jpeg(patch: 150), $world->neighbour);
        $new = DaySheet::query()->create([...$words, 'user_id' => $world->neighbour->id, 'content' => []]);
        $this->clean();
        $this->assertSame([null, null], [$sheet->fresh(), $plan->fresh()], 'and what was planned goes with them');
        $this->assertNotNull($new->fresh());
        $this->assertNull($attempt->fresh());
        $this->assertNotNull($later->fresh());
        $this->assertSame([], $this->files($hash));
    }

    public function test_a_course_goes_with_everything_in_it_once_its_name_is_typed(): void
    {
        $world = World::make();
        $hash = $world->handedIn()->frames->first()->picture->hash;
        $this->actingAs($world->instructor)
            ->delete(route('courses.destroy', $world->course), ['course_name' => 'Evening'])
            ->assertSessionHasErrors('course_name');
        $this->assertCount(4, $this->files($hash));
        $this->delete(route('courses.destroy', $world->course), ['course_name' => 'Evening course']);
        $this->assertSame([0, 0, 0], [Course::query()->count(), Attempt::query()->count(), Picture::query()->count()]);
        $this->assertSame([], $this->files($hash));
        $this->assertSame(5, User::query()->count());
    }

    public function test_a_brief_goes_with_every_attempt_at_it(): void
    {
        $world = World::make();
        $hash = $world->handedIn()->frames->first()->picture->hash;
        $this->actingAs($world->instructor)
            ->delete(route('set-briefs.destroy', $world->setBrief))
            ->assertSessionHasErrors('sure');
        $this->assertCount(4, $this->files($hash));
        $this->get(route('set-briefs.show', $world->setBrief))->assertSee('Delete the one attempt at it too');
        $this->delete(route('set-briefs.destroy', $world->setBrief), ['sure' => '1'])
            ->assertRedirect(route('courses.show', $world->course));
        $this->assertSame([0, 0], [Attempt::query()->count(), Picture::query()->count()]);
        $this->assertSame([], $this->files($hash));
    }

    public function test_orphans_go_and_what_has_just_arrived_does_not(): void
    {
        $world = World::make();
        $frame = $this->add($world, Pictures::jpeg());
        $orphan = app(PictureStore::class)->keep(Pictures::jpeg(patch: 90));
        $stray = storage_path('pictures/originals/ab/cd/'.str_repeat('ab', 32));
        File::ensureDirectoryExists(dirname($stray));
        File::put($stray, 'x');
        $this->assertSame([], $this->clean());
        $this->travel(20)->minutes();
        touch($stray, time() - 1200);
        $gone = $this->clean();
        $this->assertSame([1, 1], [$gone['pictures that nothing shows'], $gone['files that belong to no picture']]);
        $this->assertSame([[], false], [$this->files($orphan->hash), is_file($stray)]);
        $this->assertCount(4, $this->files($frame->picture->hash));
    }

    public function test_a_thousand_uploads_begun_and_left_are_gone_a_day_later(): void
    {
        $world = World::make();
        $folder = storage_path('app/uploads/'.$world->student->id);
        File::ensureDirectoryExists($folder);
        foreach (range(1, 1000) as $number) {
            File::ensureDirectoryExists($folder.'/'.$number);
            File::put($folder.'/'.$number.'/000000000000', 'x');
            touch($folder.'/'.$number.'/000000000000', time() - 86400 - 60);
        }
        // Begun long ago, and gone on with just now.
        File::ensureDirectoryExists($folder.'/young');
        File::put($folder.'/young/000000000000', 'x');
        touch($folder.'/young/000000000000', time() - 86400 - 60);
        File::put($folder.'/young/000000000001', 'x');
        $this->assertSame(1000, $this->clean()['uploads that were begun and left']);
        $this->assertSame(['young'], array_map(basename(...), File::glob($folder.'/*')));
    }

    public function test_bytes_under_way_are_limited(): void
    {
        config(['pupil.quota.upload_megabytes' => 1]);
        $world = World::make();
        $begin = fn (string $name, int $size): PartialUpload => app(UploadPieces::class)->of(
            $world->student, $world->setBrief, $name, $size, 1,
        );
        $begin('a.jpg', 600_000)->add(0, str_repeat('x', 500_000));
        $begin('b.jpg', 500_000);
        $this->expectException(HandInRefused::class);
        $begin('c.jpg', 500_001);
    }

    public function test_a_person_and_a_course_keep_so_much_and_no_more(): void
    {
        $world = World::make();
        $size = (int) filesize($picture = Pictures::jpeg());
        config(['pupil.quota.person_megabytes' => ($size - 1) / 1_000_000]);
        $says = function (callable $add): string {
            try {
                $add();
            } catch (HandInRefused $problem) {
                return $problem->getMessage();
            }

            return '';
        };
        $this->assertStringContainsString('that a person may keep', $says(fn () => $this->add($world, $picture)));
        $this->assertSame(0, Frame::query()->count());
        config(['pupil.quota.person_megabytes' => 100]);
        $this->assertSame('', $says(fn () => $this->add($world, $picture)));
        config(['pupil.quota.course_megabytes' => 1.5 * $size / 1_000_000]);
        $this->assertStringContainsString(
            'pictures of this course',
            $says(fn () => $this->add($world, Pictures::jpeg(patch: 160), $world->neighbour)),
        );
        Artisan::call('pupil:storage');
        $said = Artisan::output();
        $this->assertMatchesRegularExpression('/\d\.\d MB  Stu Dent/', $said);
        $this->assertSame(
            array_sum(array_map(fn (SplFileInfo $file): int => $file->getSize(), File::allFiles(
                storage_path('pictures'),
            ))),
            array_sum(array_intersect_key(StorageUse::parts(), array_flip([
                'originals', 'working copies', 'readings of pictures', 'measures of pictures',
            ]))),
            'nothing of what pictures take is left out',
        );
    }

    public function test_links_and_sessions_expire(): void
    {
        $world = World::make();
        foreach ([1, 481] as $minutes) {
            DB::table('sessions')->insert([
                'id' => 's'.$minutes, 'payload' => '', 'last_activity' => now()->subMinutes($minutes)->getTimestamp(),
            ]);
        }
        foreach ([59, 61] as $minutes) {
            DB::table('password_reset_tokens')->insert([
                'email' => $minutes.'@kilnyard.example', 'token' => 'x', 'created_at' => now()->subMinutes($minutes),
            ]);
        }
        $this->clean();
        $this->assertSame(['s1'], DB::table('sessions')->pluck('id')->all());
        $this->assertSame(['59@kilnyard.example'], DB::table('password_reset_tokens')->pluck('email')->all());
    }

    private function add(World $world, string $picture, ?User $student = null): Frame
    {
        return app(AddPicture::class)
            ->handle($world->setBrief, $student ?? $world->student, $picture, 'pot.jpg')
            ->frame->refresh();
    }

    /** @return array<string, int> */
    private function clean(): array
    {
        return array_filter(app(Cleaning::class)->run());
    }

    /** @return list<string> */
    private function files(string $hash): array
    {
        return array_values(
            array_filter(
                $this->all(),
                fn (string $path): bool => str_contains($path, '/pictures/') &&
                    ! str_contains($path, '/framework/') &&
                    str_contains($path, $hash),
            ),
        );
    }

    /** @return list<string> */
    private function filesWith(string $trace): array
    {
        return array_values(
            array_filter(
                $this->all(),
                // The pictures that the tests made, and compiled views, are no data of the application.
                fn (string $path): bool => preg_match('~/framework/(views|testing)/|/scratch/tests/~', $path) !== 1 &&
                    str_contains((string) file_get_contents($path), $trace),
            ),
        );
    }

    /** @return list<string> every file that the application has written */
    private function all(): array
    {
        $files = [];
        $within = new RecursiveDirectoryIterator(storage_path(), RecursiveDirectoryIterator::SKIP_DOTS);
        foreach (new RecursiveIteratorIterator($within) as $file) {
            // A folder of scenes that all processes share is linked here.
            if ($file->isFile()) {
                $files[] = $file->getPathname();
            }
        }

        return $files;
    }

    /** @return list<string> tables with a row that holds it */
    private function rowsWith(string $trace): array
    {
        return array_values(
            array_filter(
                array_column(Schema::getTables(DB::getDatabaseName()), 'name'),
                fn (string $table): bool => str_contains(
                    (string) json_encode(DB::table($table)->get(), JSON_PARTIAL_OUTPUT_ON_ERROR),
                    $trace,
                ),
            ),
        );
    }

    private function withPlace(int $patch = 118): string
    {
        $path = Pictures::file((string) file_get_contents(Pictures::jpeg(patch: $patch, record: Pictures::record())));
        $place = ['-GPSLatitude=50.1', '-GPSLatitudeRef=N', '-XMP:City=Kilnyard'];
        $this->exiftool('-q', '-overwrite_original', ...[...$place, $path]);

        return $path;
    }

    private function placeIn(string $path): string
    {
        return trim($this->exiftool('-s3', '-GPSLatitude', '-XMP:City', $path));
    }

    private function exiftool(string ...$arguments): string
    {
        $process = new Process(['exiftool', ...$arguments]);
        $process->mustRun();

        return $process->getOutput();
    }
}
