<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Courses\DeskQueue;
use App\Models\AttemptState;
use App\Models\DrillAnswer;
use App\Models\Membership;
use App\Models\User;
use App\Practice\Drills;
use App\Trail\Trail;
use App\Transfer\FrameTable;
use App\Transfer\Portfolio;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Str;
use Tests\Support\Pictures;
use Tests\Support\World;
use Tests\TestCase;
use ZipArchive;

/** Nothing is shown to whom it does not belong: leaks that were there, and must not come back. */
final class PrivacyTest extends TestCase
{
    use RefreshDatabase;

    public function test_a_draft_is_nobody_s_but_its_student_s(): void
    {
        $world = World::make();
        $frame = $world->prepared();
        $this->actingAs($world->student)->get(route('frames.picture', $frame))->assertOk();
        foreach ([$world->instructor, $world->critic, $world->neighbour, $world->outsider] as $other) {
            $this->actingAs($other);
            foreach (['frames.picture', 'frames.whole', 'frames.edit'] as $route) {
                $this->get(route($route, $frame))->assertForbidden();
            }
        }
        $this->assertSame([], array_slice(iterator_to_array(FrameTable::rows($world->course), false), 1));
        $this->assertSame([], $this->portfolio($world)['attempts']);
    }

    public function test_what_is_not_published_leaves_in_no_export(): void
    {
        $world = World::make();
        $attempt = $world->handedIn();
        $frame = $attempt->frames->first();
        $frame->notes()->create([
            'author_id' => $world->instructor->id, 'kind' => 'try', 'body' => 'Unripe words.',
            'given_at' => now(), 'token' => (string) Str::uuid(),
        ]);
        $attempt->update(['summary' => 'Half a sentence', 'state' => AttemptState::AtDesk]);
        $frame->findings->first()->update(['wording' => 'Not yet said.', 'decision' => 'reworded']);
        $findings = fn (): string => iterator_to_array(FrameTable::rows($world->course), false)[1][32];
        $this->assertSame('', $findings());
        $said = (string) json_encode($this->portfolio($world));
        foreach (['Unripe words.', 'Half a sentence', 'Not yet said.'] as $words) {
            $this->assertStringNotContainsString($words, $said);
        }
        $this->actingAs($world->instructor)->post(route('desk.publish', $attempt), ['summary' => 'A whole one']);
        $this->assertNotSame('', $findings());
        $said = (string) json_encode($this->portfolio($world));
        foreach (['Unripe words.', 'A whole one', 'Not yet said.'] as $words) {
            $this->assertStringContainsString($words, $said);
        }
    }

    public function test_whoever_was_removed_is_shut_out_and_what_waits_of_theirs_is_marked(): void
    {
        $world = World::make();
        $attempt = $world->handedIn();
        $this->actingAs($world->instructor)
            ->delete(route('courses.members.destroy', [$world->course, $world->student]))
            ->assertRedirect();
        $this->get(route('desk.sheet', $world->setBrief))->assertSee('has left the course');
        $this->assertTrue(DeskQueue::of($world->course)->facts([$attempt->id])[$attempt->id]->hasLeft);
        $this->actingAs($world->student);
        foreach (
            [
                route('courses.show', $world->course),
                route('set-briefs.show', $world->setBrief),
                route('attempts.show', $attempt),
                route('frames.picture', $attempt->frames->first()),
                route('exports.portfolio', $world->course),
                route('plans.edit', $world->setBrief),
            ] as $path
        ) {
            $this->get($path)->assertForbidden();
        }
        $this->post(route('frames.store', $world->setBrief), ['pictures' => [World::upload(Pictures::jpeg())]])
            ->assertForbidden();
        $this->post(route('attempts.hand-in', $attempt))->assertForbidden();
    }

    public function test_drills_from_before_the_course_are_none_of_its_business(): void
    {
        $world = World::make();
        $answer = fn (string $at) => DrillAnswer::query()->forceCreate([
            'user_id' => $world->student->id, 'kind' => 'histogram', 'level' => 1, 'seed' => 3, 'scene' => 'pots',
            'answer' => 'x', 'is_right' => true, 'created_at' => $at, 'updated_at' => $at,
        ]);
        Membership::query()->where('user_id', $world->student->id)->update(['created_at' => '2027-02-01 12:00:00']);
        $answer('2027-01-31 12:00:00');
        $answer('2027-02-01 12:00:00');
        $answer('2027-02-02 12:00:00');
        $row = collect(app(Drills::class)->ofCourse($world->course))
            ->first(fn (array $row): bool => $row['student']->is($world->student));
        $this->assertSame(2, $row['kinds']['histogram']['asked']);
        $this->actingAs($world->instructor)
            ->get(route('courses.drills.evidence', [$world->course, $world->student]))
            ->assertViewHas('answers', fn ($answers): bool => $answers->count() === 2);
        $this->get(route('skills.of', [$world->course, $world->student]))->assertViewHas(
            'record',
            fn ($record): bool => $record->drills()['histogram']['all'] === 2,
        );
        $this->actingAs($world->student)->get(route('skills', $world->course))->assertViewHas(
            'record',
            fn ($record): bool => $record->drills()['histogram']['all'] === 3,
        );
    }

    public function test_the_trail_says_who_did_what_and_goes_with_names_and_course(): void
    {
        $world = World::make();
        $attempt = $world->handedIn();
        $this->actingAs($world->instructor)->post(route('desk.publish', $attempt), ['summary' => 'Good.']);
        $this->put(route('courses.members.update', [$world->course, $world->neighbour]), ['role' => 'critic']);
        $this->get(route('exports.table', $world->course))->assertOk();
        $this->post(route('courses.code', $world->course), ['for' => 'students']);
        $this->delete(route('courses.members.destroy', [$world->course, $world->neighbour]));
        $this->post(route('set-briefs.store', $world->course), ['brief' => 'steady-hands']);
        $this->get(route('courses.trail', $world->course))
            ->assertOk()
            ->assertSeeInOrder([
                'set a brief',
                'took somebody out of the course',
                'Nell Bour',
                'made a new code',
                'took data out',
                'frames as CSV',
                'changed what somebody is in the course',
                'published a critique',
                'Stu Dent',
            ]);
        $this->assertStringNotContainsString('Nell', (string) json_encode(Trail::of($world->course)->items()));
        User::query()->whereKey($world->neighbour->id)->delete();
        $this->get(route('courses.trail', $world->course))->assertDontSee('Nell Bour')->assertSee('who has left');
        $this->actingAs($world->student)->get(route('courses.trail', $world->course))->assertForbidden();
    }

    public function test_a_course_may_ask_for_a_confirmed_address(): void
    {
        $world = World::make();
        $world->course->update(['asks_confirmed' => true]);
        $hand = fn () => $this->actingAs($world->student->refresh())->post(
            route('frames.store', $world->setBrief),
            ['pictures' => [World::upload(Pictures::jpeg())]],
        );
        $hand()->assertSessionHas('problem', fn (string $said): bool => str_contains($said, 'confirmed address'));
        $this->get(route('courses.show', $world->course))->assertSee('Confirm yours');
        $world->student->forceFill(['email_verified_at' => now()])->save();
        $hand()->assertSessionMissing('problem');
    }

    public function test_the_page_says_what_each_course_keeps(): void
    {
        $world = World::make();
        $this->get(route('kept'))->assertOk()->assertSee('What is kept')->assertDontSee('Your courses');
        $world->course->update(['keeps_months' => 6]);
        $this->actingAs($world->student)->get(route('kept'))->assertSee('6 months after hand-in');
    }

    public function test_the_page_says_who_else_what_is_kept_passes_through(): void
    {
        $this->get(route('kept'))
            ->assertSee('Everything lies on the machines of this installation.')
            ->assertSee('Nothing is sent to anybody else');
        config([
            'filesystems.disks.pictures.driver' => 's3',
            'filesystems.s3.endpoint' => 'https://store.example:9000',
            'mail.default' => 'smtp',
            'mail.mailers.smtp.host' => 'mail.example',
            'pupil.backup.target' => 's3:backups',
        ]);
        $this->get(route('kept'))
            ->assertSee('pictures in the store of files at store.example.')
            ->assertSee('Mail to you passes through the mail server mail.example.')
            ->assertSee('Backups lie in a store of files at store.example, not sealed.')
            ->assertSee('Nothing else is sent to anybody')
            ->assertDontSee('Nothing is sent to anybody else');
    }

    /** @return array<string, mixed> */
    private function portfolio(World $world): array
    {
        $path = tempnam(sys_get_temp_dir(), 'portfolio');
        app(Portfolio::class)->write($world->course, $world->student, $path);
        $zip = new ZipArchive();
        $zip->open($path);

        return json_decode((string) $zip->getFromName('portfolio.json'), true);
    }
}
