<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Courses\Roles;
use App\HandIn\AddPicture;
use App\Imaging\OutsideProgram;
use App\Imaging\OutsideProgramFailed;
use App\Jobs\JudgeFrame;
use App\Jobs\ReadFrame;
use App\Models\Course;
use App\Models\FrameState;
use App\Models\Role;
use App\Models\User;
use Illuminate\Bus\UniqueLock;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Queue;
use RuntimeException;
use Tests\Support\Pictures;
use Tests\Support\World;
use Tests\TestCase;

/** When something of ours fails: nothing handed in is lost, the person is told, and there is a way on. */
final class KeepingGoingTest extends TestCase
{
    use RefreshDatabase;

    public function test_a_reading_that_failed_on_our_side_is_told_and_tried_again_with_the_same_file(): void
    {
        Queue::fake();
        $world = World::make();
        $path = Pictures::jpeg();
        $frame = app(AddPicture::class)->handle($world->setBrief, $world->student, $path, 'pot.jpg')->frame;
        $job = new ReadFrame($frame->id);
        $job->failed(new RuntimeException('out of scratch'));
        // As the queue does when it gives a job up: then it may be asked for again.
        (new UniqueLock(Cache::store()))->release($job);
        $this->assertSame(FrameState::Refused, $frame->refresh()->state);
        $this->actingAs($world->student)
            ->get(route('frames.edit', $frame))
            ->assertSee('is kept')
            ->assertDontSee('out of scratch');

        $again = app(AddPicture::class)->handle($world->setBrief, $world->student, $path, 'pot.jpg')->frame;
        $this->assertSame($frame->id, $again->id);
        $this->assertSame(FrameState::Reading, $again->state);
        Queue::assertPushed(ReadFrame::class, 2);
    }

    public function test_a_check_that_failed_on_our_side_keeps_marks_and_words(): void
    {
        $world = World::make();
        $frame = $world->prepared();
        $frame->update(['state' => FrameState::Judging, 'revision' => 7]);
        (new JudgeFrame($frame->id, 6))->failed(null);
        $this->assertSame(FrameState::Judging, $frame->refresh()->state, 'an older job says nothing of newer marks');
        (new JudgeFrame($frame->id, 7))->failed(null);

        $this->actingAs($world->student)
            ->get(route('frames.edit', $frame->refresh()))
            ->assertSee('could not be finished on our side')
            ->assertSee('A pot.')
            ->assertSee('Check this frame');
        $this->post(route('attempts.hand-in', $frame->attempt))->assertSessionHas('problem');
    }

    public function test_a_program_that_is_missing_slow_or_says_no_is_one_kind_of_failure(): void
    {
        $failures = [
            'no such program' => [new OutsideProgram('no-such-program', 5), []],
            'took longer' => [new OutsideProgram('sleep', 0.2), ['5']],
            'code 1' => [new OutsideProgram('false', 5), []],
        ];
        foreach ($failures as $what => [$tool, $arguments]) {
            try {
                $tool->run($arguments);
                $this->fail($what.' went unnoticed');
            } catch (OutsideProgramFailed $failure) {
                $this->assertNotSame('', $failure->getMessage(), $what);
            }
        }
        $this->assertSame("a;b\n", (new OutsideProgram('echo', 5))->run(['a;b']), 'nothing goes through a shell');
    }

    public function test_what_can_be_done_meanwhile_begins_when_a_program_is_ready_and_not_before(): void
    {
        $mark = Pictures::path('mark');
        $order = [];
        $begun = function () use (&$order): void {
            $order[] = 'begun';
        };
        $ready = function () use (&$order, $mark): void {
            $order[] = is_file($mark) ? 'late' : 'ready';
        };
        $run = fn (string $code, float $seconds = 10.0): string => (new OutsideProgram('php', $seconds))->run(
            ['-r', $code],
            meanwhile: [$begun, $ready],
        );
        $said = $run(sprintf('echo "ready\n"; usleep(700000); touch(%s); echo "done";', var_export($mark, true)));
        $this->assertSame([['begun', 'ready'], "ready\ndone"], [$order, $said]);
        $this->assertFileExists($mark);

        // Whatever it says while somebody here is busy counts, and each time by itself.
        $steps = [];
        $note = function (string $step) use (&$steps): void {
            $steps[] = $step;
        };
        (new OutsideProgram('php', 10.0))->run(
            ['-r', 'echo "ready\nready\n"; sleep(1); echo "ready\n";'],
            meanwhile: [
                function () use ($note): void {
                    usleep(300_000);
                    $note('begun');
                },
                fn () => $note('first'),
                fn () => $note('second'),
                fn () => $note('third'),
                fn () => $note('never'),
            ],
        );
        $this->assertSame(['begun', 'first', 'second', 'third'], $steps);

        $order = [];
        $this->assertSame('done', $run('echo "done";'), 'one that has nothing early');
        $this->assertSame(['begun'], $order);
        foreach (['exit(1);' => 10.0, 'sleep(5);' => 0.3, 'echo "ready\n"; sleep(5);' => 0.6] as $code => $seconds) {
            $order = [];
            try {
                $run($code, $seconds);
                $this->fail($code.' did not fail.');
            } catch (OutsideProgramFailed) {
                $this->assertCount($seconds === 0.6 ? 2 : 1, $order, $code);
            }
        }
    }

    public function test_a_course_of_one_s_own(): void
    {
        $this->artisan('pupil:course', [
            'name' => 'Evening light',
            'email' => 'Lena@School.example',
            '--instructor' => 'Lena Brook',
        ])
            ->expectsOutputToContain('Students join with')
            ->expectsOutputToContain('signs in with the password')
            ->assertSuccessful();
        $lena = User::query()->where('email', 'lena@school.example')->sole();
        $course = Course::query()->sole();
        $this->assertSame(Role::Instructor, app(Roles::class)->in($course, $lena));
        $this->assertEquals([], array_diff_key($course->approach, $course->approachChoices()->toArray()));

        $this->artisan('pupil:course', ['name' => 'Second course', 'email' => 'lena@school.example'])
            ->expectsOutputToContain('with the password they have')
            ->assertSuccessful();
        $this->actingAs($lena)->get('/')->assertOk()->assertSee('Evening light')->assertSee('Second course');
        $this->artisan('pupil:course', ['name' => 'Third', 'email' => 'nobody'])->assertFailed();
        $this->assertSame(2, Course::query()->count());
        $this->artisan('pupil:course')
            ->expectsQuestion('What is the course called?', 'Fourth')
            ->expectsQuestion('Which address does its instructor sign in with?', 'lena@school.example')
            ->expectsOutputToContain('"Fourth" is made')
            ->assertSuccessful();
    }

    public function test_pages_that_are_not_there_say_what_to_do(): void
    {
        $world = World::make();
        $this->actingAs($world->student)->get('/briefs/999999')->assertNotFound()->assertSee('There is no such page');
        $this->actingAs($world->outsider)
            ->get(route('courses.show', $world->course))
            ->assertForbidden()
            ->assertSee('belongs to somebody else');
        $this->actingAs($world->outsider)->get('/')->assertOk()->assertSee('Join a course with its code');
    }
}
