<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\HandIn\PictureStore;
use App\Jobs\JudgeFrame;
use App\Models\Attempt;
use App\Models\Course;
use App\Models\DaySheet;
use App\Models\DrillAnswer;
use App\Models\FilmRoll;
use App\Models\Frame;
use App\Models\FrameState;
use App\Models\Picture;
use App\Models\Revisit;
use App\Models\SavedPlan;
use App\Models\User;
use App\Returns\StartReshoot;
use App\Transfer\CourseDocument;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Tests\Support\Pictures;
use Tests\Support\World;
use Tests\TestCase;
use TruePupil\Core\Composition\Region;
use ZipArchive;

/** A course goes to another installation and is the same there. */
final class CourseMoveTest extends TestCase
{
    use RefreshDatabase;

    private string $file;

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('pictures');
        $this->file = Pictures::path('zip');
    }

    public function test_a_course_is_the_same_on_the_other_side(): void
    {
        $world = $this->lived();
        $document = $this->document($world->course);
        $picture = Frame::query()->firstOrFail()->picture->hash;
        $this->assertSame(0, $this->export(), Artisan::output());
        $this->assertSame('600', substr(sprintf('%o', fileperms($this->file)), -3));

        $this->elsewhere();
        // Somebody has registered there with the instructor's address, before the course arrives.
        $squatter = User::query()->create([
            'name' => 'Mal Lory',
            'email' => $world->instructor->email,
            'password' => 'another-password',
        ]);
        $this->assertSame(0, Artisan::call('pupil:course-import', ['file' => $this->file]));
        $this->assertStringContainsString('4 people, one picture.', $said = Artisan::output());

        $course = Course::query()->sole();
        $this->assertSame($document, $this->document($course));
        $this->assertSame(0, $squatter->memberships()->count(), 'an address joins nobody to anything');
        $this->assertSame(0, User::query()->whereKeyNot($squatter->id)->whereNotNull('password')->count());
        $this->assertSame(0, User::query()->whereKeyNot($squatter->id)->whereNotNull('email')->count());
        $this->assertTrue(
            File::exists(app(PictureStore::class)->original(Picture::query()->where('hash', $picture)->firstOrFail())),
        );
        $this->assertSame(1, DrillAnswer::query()->count(), 'what somebody has practised comes along');

        // What was written down on the way comes along, and points at what it pointed at.
        $there = Frame::query()->firstOrFail();
        $this->assertSame('8', $there->filmRoll?->log()->line('12')?->texts['aperture'] ?? null);
        $this->assertSame('8', DaySheet::query()->sole()->notebook()->value('yard', 'word'));
        $this->assertSame([$there->id, $there->id], [
            Revisit::query()->sole()->frame_id, Revisit::query()->sole()->again_frame_id,
        ]);
        $this->assertSame($there->id, $there->attempt->favourite_frame_id);

        // The plan still begins with the light of the frame that it began with.
        $plan = SavedPlan::query()->sole();
        $this->assertSame((string) Frame::query()->firstOrFail()->id, $plan->input['earlier']);

        // Nobody signs in as before; the instructor takes her place by the link that the operator was shown.
        $this->post(route('sign-in'), ['email' => $world->student->email, 'password' => 'a-long-password']);
        $this->assertGuest();
        preg_match('~http\S+/claim/\S+~', $said, $link);
        $this->get($link[0])->assertOk()->assertSee('Ina Structor');
        $this->post($link[0], [
            'name' => 'Ina Structor',
            'email' => 'ina@kilnyard.example',
            'password' => 'three quiet kilns',
        ])->assertRedirect(route('home'));
        $this->assertAuthenticated();
        $this->post($link[0])->assertStatus(410);
        $student = User::query()->where('name', 'Stu Dent')->sole();
        $this->get(route('courses.members', $course))->assertSee('has not taken the place yet');
        $this->post(route('courses.members.link', [$course, $student]));
        $invitation = session('link')['url'];
        auth()->logout();

        // A student brings the place into the account that is there.
        $own = User::query()->create([
            'name' => 'Stu, as known here',
            'email' => 'stu@kilnyard.example',
            'password' => 'a-long-password',
        ]);
        $this->actingAs($own->refresh())->post($invitation)->assertRedirect(route('home'));
        $this->assertNull(User::query()->find($student->id));
        $this->assertSame([$own->id], Attempt::query()->distinct()->pluck('user_id')->all());
        foreach ([DrillAnswer::class, FilmRoll::class, DaySheet::class, Revisit::class] as $model) {
            $this->assertSame($own->id, $model::query()->sole()->user_id, $model);
        }
        $frame = Frame::query()->firstOrFail();
        $this->get(route('attempts.return', $frame->attempt))
            ->assertOk()
            ->assertSee('Well seen.')
            ->assertSee('Count once more.');
        $this->get(route('frames.picture', $frame))->assertOk()->assertHeader('Content-Type', 'image/jpeg');
    }

    public function test_nothing_is_taken_in_twice_or_damaged_or_half(): void
    {
        $this->lived();
        $this->assertSame(0, $this->export(), Artisan::output());
        $this->assertSame(1, $this->export());
        $this->assertStringContainsString('not overwritten', Artisan::output());
        $this->assertImportFails('is here already');

        $this->elsewhere();
        $hash = $this->change(
            fn (ZipArchive $zip, string $picture) => $zip->addFromString('pictures/'.$picture, 'other bytes'),
        );
        $this->assertImportFails('the archive is damaged');
        $this->assertSame([0, 0, 0], [Course::query()->count(), User::query()->count(), Picture::query()->count()]);
        $this->assertFalse(
            File::exists(app(PictureStore::class)->original((new Picture())->forceFill(['hash' => $hash]))),
        );

        $this->change(fn (ZipArchive $zip, string $picture) => $zip->deleteName('pictures/'.$picture));
        $this->assertImportFails('is missing in the archive');
        $this->change(
            fn (ZipArchive $zip) => $zip->addFromString(
                'tables/courses.jsonl',
                '{"id":1,"name":"x","shell":"rm"}'."\n",
            ),
        );
        $this->assertImportFails('not known here');
        $this->change(
            fn (ZipArchive $zip) => $zip->addFromString(
                'course.json',
                '{"format":"true-pupil.course-archive","version":1,"schema":"2999_01_01_000001_later"}',
            ),
        );
        $this->assertImportFails('newer version');
        File::put($this->file, 'words');
        $this->assertImportFails('cannot be opened');
        $this->assertSame(
            1,
            Artisan::call('pupil:course-export', ['code' => 'NOSUCH', 'file' => $this->file.'.none']),
        );
    }

    public function test_a_line_that_does_not_end_is_refused(): void
    {
        $this->lived();
        $this->export();
        $this->elsewhere();
        $this->change(function (ZipArchive $zip): void {
            $zip->addFromString('tables/notes.jsonl', rtrim((string) $zip->getFromName('tables/notes.jsonl')));
        });
        $this->assertImportFails('does not end');
        $this->assertSame([0, 0], [Course::query()->count(), User::query()->count()]);
    }

    public function test_no_password_and_no_habit_of_anybody_travels(): void
    {
        $world = $this->lived();
        $world->student->forceFill(['remember_token' => 'secret-token', 'timezone' => 'Europe/Berlin'])->save();
        $this->export();
        $zip = new ZipArchive();
        $zip->open($this->file);
        $people = (string) $zip->getFromName('tables/users.jsonl');
        $this->assertStringContainsString('Stu Dent', $people);
        foreach (['$2y$', 'secret-token', 'password', 'Europe/Berlin'] as $secret) {
            $this->assertStringNotContainsString($secret, $people);
        }
    }

    public function test_a_row_that_points_nowhere_is_refused_with_all_the_rest(): void
    {
        $this->lived();
        $this->export();
        $this->elsewhere();
        $this->change(
            fn (ZipArchive $zip) => $zip->addFromString(
                'tables/what_ifs.jsonl',
                '{"id":1,"frame_id":987,"author_id":1,"title":"x","recipe":"{}"}'."\n",
            ),
        );
        $this->assertImportFails('points at a row of "frames" that is not in the archive');
        $this->assertSame([0, 0], [Course::query()->count(), Picture::query()->count()]);
        $this->assertSame([], Storage::disk('pictures')->allFiles('originals'));
    }

    public function test_what_was_being_judged_there_is_judged_here(): void
    {
        $this->lived();
        Frame::query()
            ->firstOrFail()
            ->update(['state' => FrameState::Judging]);
        $this->export();
        $this->elsewhere();
        Queue::fake();
        $this->assertSame(0, Artisan::call('pupil:course-import', ['file' => $this->file]), Artisan::output());
        Queue::assertPushed(JudgeFrame::class, 1);
    }

    /**
     * A course in which something has happened: a return with a note and a what-if, a plan for the reshoot, a drill.
     */
    private function lived(): World
    {
        $world = World::make();
        $attempt = $world->handedIn(Pictures::jpeg(patch: 118));
        $frame = $attempt->frames->first();
        $frame->findings->first()?->update(['decision' => 'accepted', 'decided_by' => $world->instructor->id]);
        foreach ([[$world->instructor, 'Well seen.'], [$world->critic, 'Count once more.']] as [$author, $words]) {
            $frame->notes()->create([
                'author_id' => $author->id,
                'kind' => 'try',
                'body' => $words,
                'given_at' => now(),
                'token' => (string) Str::uuid(),
                'region' => Region::of(0.1, 0.1, 0.2, 0.2),
            ]);
        }
        $frame->whatIfs()->create([
            'author_id' => $world->instructor->id,
            'title' => 'Brighter',
            'recipe' => [
                'format' => 'true-pupil.recipe',
                'version' => 1,
                'steps' => [['do' => 'exposure', 'stops' => 1]],
            ],
        ]);
        $this->actingAs($world->instructor)->post(route('desk.publish', $attempt), ['summary' => 'ƒ/8 – ½ “so”']);
        StartReshoot::plan($attempt->refresh());
        DrillAnswer::query()->create([
            'user_id' => $world->student->id,
            'kind' => 'histogram',
            'level' => 1,
            'seed' => 3,
            'scene' => 'pots',
            'answer' => 'x',
            'is_right' => true,
        ]);
        $roll = FilmRoll::query()->create([
            'user_id' => $world->student->id,
            'content' => ['name' => 'Roll 7', 'boxSpeed' => 400],
        ]);
        $sheet = DaySheet::query()->create([
            'user_id' => $world->student->id,
            'set_brief_id' => $world->setBrief->id,
            'content' => ['title' => 'The yard', 'shots' => []],
        ]);
        foreach ([[$roll, '12', 'aperture'], [$sheet, 'yard', 'word']] as [$notebook, $entry, $field]) {
            $notebook->fieldNotes()->create([
                'uuid' => (string) Str::uuid(), 'entry' => $entry, 'field' => $field, 'value' => '8', 'noted_at' => 5,
            ]);
        }
        $frame->update(['film_roll_id' => $roll->id, 'film_frame' => '12']);
        $attempt->update(['favourite_frame_id' => $frame->id, 'favourite_reason' => 'the rim', 'would_hang' => true]);
        Revisit::query()->create([
            'user_id' => $world->student->id, 'frame_id' => $frame->id, 'wish' => ['sun' => 'low'],
            'again_frame_id' => $frame->id,
        ]);
        auth()->logout();

        return $world;
    }

    private function export(): int
    {
        return Artisan::call('pupil:course-export', ['code' => 'TESTCQDE', 'file' => $this->file]);
    }

    /** Another installation: nothing of the first is there, and its numbers are others. */
    private function elsewhere(): void
    {
        foreach (
            [
                'what_ifs',
                'notes',
                'findings',
                'plans',
                'frames',
                'attempts',
                'pictures',
                'practice_shots',
                'set_briefs',
                'silenced_findings',
                'memberships',
                'courses',
                'drill_answers',
                'users',
            ] as $table
        ) {
            DB::table($table)->delete();
        }
        foreach (Storage::disk('pictures')->allFiles() as $file) {
            Storage::disk('pictures')->delete($file);
        }
    }

    /** @return array<string, mixed> what a course comes to, without the numbers of an installation */
    private function document(Course $course): array
    {
        return (array) json_decode((string) json_encode(CourseDocument::of($course)), true);
    }

    /** @param  callable(ZipArchive, string): mixed  $change */
    private function change(callable $change): string
    {
        $zip = new ZipArchive();
        $zip->open($this->file);
        $names = array_map(fn (int $at): string => (string) $zip->getNameIndex($at), range(0, $zip->numFiles - 1));
        $picture = substr(
            array_values(preg_grep('~^pictures/~', $names) ?: ['pictures/gone'])[0] ?? 'pictures/gone',
            9,
        );
        $change($zip, $picture);
        $zip->close();

        return $picture;
    }

    private function assertImportFails(string $why): void
    {
        $this->assertSame(1, Artisan::call('pupil:course-import', ['file' => $this->file]));
        $this->assertStringContainsString($why, Artisan::output());
    }
}
