<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\HandIn\Quota;
use App\Models\AttemptState;
use App\Models\Frame;
use App\Models\FrameState;
use App\Models\Note;
use App\Models\NoteVoice;
use App\Models\User;
use App\Retention\DeleteAttempts;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\Support\World;
use Tests\TestCase;

/** What is put right and said on the picture itself. */
final class OnThePictureTest extends TestCase
{
    use RefreshDatabase;

    private World $world;

    private Frame $frame;

    protected function setUp(): void
    {
        parent::setUp();
        $this->world = World::make();
        $this->frame = $this->world->handedIn()->frames->firstOrFail();
    }

    public function test_a_mark_that_is_put_right_is_judged_by_and_the_student_s_stays_beside_it(): void
    {
        $was = $this->frame->subject;
        $placed = $this->frame->measures?->subject?->placement()?->value;
        $this->move(['x' => 5, 'y' => 80, 'width' => 30, 'height' => 15])
            ->assertRedirect(route('desk.show', $this->frame->attempt_id));
        $frame = $this->frame->fresh();
        $this->assertSame(FrameState::Judged, $frame->state);
        $this->assertEqualsWithDelta([0.05, 0.8, 0.3, 0.15], array_values($frame->subject->toArray()), 1e-9);
        $this->assertEquals($was, $frame->student_subject);
        $this->assertNotEqualsWithDelta($placed, $frame->measures?->subject?->placement()?->value, 0.1);
        // A second time the student's is still the student's.
        $this->move(['x' => 10, 'y' => 70, 'width' => 30, 'height' => 15]);
        $this->assertEquals($was, $this->frame->fresh()->student_subject);
        $this->get(route('desk.show', $this->frame->attempt_id))->assertSee('as it was marked');
        $this->move(null);
        $this->assertEquals([$was, null], [$this->frame->fresh()->subject, $this->frame->fresh()->student_subject]);
        $this->assertEqualsWithDelta($placed, $this->frame->fresh()->measures?->subject?->placement()?->value, 1e-9);
    }

    public function test_the_return_says_that_the_mark_was_moved_and_nothing_moves_it_afterwards(): void
    {
        $this->move(['x' => 5, 'y' => 80, 'width' => 30, 'height' => 15]);
        $this->move(['x' => 5, 'y' => 80, 'width' => 0.2, 'height' => 15])->assertSessionHasErrors('subject.width');
        $this->actingAs($this->world->instructor)->post(route('desk.publish', $this->frame->attempt));
        $this->assertSame(AttemptState::Returned, $this->frame->attempt->fresh()->state);
        $before = $this->frame->fresh()->subject;
        $this->move(null);
        $this->assertEquals($before, $this->frame->fresh()->subject);
        $this->actingAs($this->world->student)
            ->get(route('attempts.return', $this->frame->attempt))
            ->assertSee('was moved at the desk');
        $this->actingAs($this->world->critic)
            ->put(route('frames.subject', $this->frame))
            ->assertForbidden();
    }

    public function test_a_note_points_at_something_by_its_number(): void
    {
        $this->note($this->world->instructor, ['pointing' => '{"shape":"arrow","points":[0.2,0.2,0.5,0.6]}'])
            ->assertSessionHasNoErrors();
        $this->note($this->world->instructor, ['region' => ['x' => 1, 'y' => 1, 'width' => 9, 'height' => 9]]);
        $this->note($this->world->instructor, []);
        $this->assertSame([1, 2], array_values($this->frame->fresh()->noteNumbers()));
        // What a guest has not given takes no number from the others, and its picture is drawn with the answer.
        $guest = $this->actingAs($this->world->critic)->post(route('notes.store', $this->frame), [
            'kind' => 'try', 'body' => 'And here.', 'token' => (string) Str::uuid(),
            'pointing' => '{"shape":"line","points":[0.1,0.1,0.2,0.2]}',
        ], ['HX-Request' => 'true'])->assertMarkup('hx-swap-oob="innerHTML:#pointings-'.$this->frame->id);
        $this->assertStringContainsString('10,10 20,20', (string) $guest->getContent());
        Note::query()->orderBy('id')->first()?->update(['given_at' => null]);
        $this->assertSame(
            Note::query()->whereNotNull('region')->value('id'),
            array_search(1, $this->frame->fresh()->noteNumbers(), true),
        );
        Note::query()->where('author_id', $this->world->critic->id)->delete();
        Note::query()->update(['given_at' => now()]);
        $page = $this->actingAs($this->world->instructor)->get(route('desk.show', $this->frame->attempt_id));
        $page->assertMarkup('<b class="note-number">1</b>')->assertMarkup('points="20,20 50,60');
        foreach (['{', '{"shape":"arrow","points":[0.2,0.2]}', '{"shape":"line","points":[0,0,2,2]}', '[]'] as $wrong) {
            $this->note($this->world->instructor, ['pointing' => $wrong])
                ->assertSessionHasErrors('pointing')
                ->assertSessionHasInput('body', 'Look here.');
        }
        $this->assertSame(3, Note::query()->count());
    }

    public function test_a_spoken_note_is_heard_by_its_student_once_it_is_returned_and_goes_with_its_note(): void
    {
        $sound = "\x1A\x45\xDF\xA3".str_repeat('x', 4000);
        $speak = fn (string $data, int $seconds): TestResponse => $this->note($this->world->instructor, [
            'voice' => UploadedFile::fake()->createWithContent('note', $data), 'voice_seconds' => (string) $seconds,
        ]);
        $speak('RIFF....WAVE', 5)->assertSessionHasErrors('voice');
        $speak($sound, 121)->assertSessionHasErrors('voice_seconds');
        $this->assertSame(0, Note::query()->count());
        $before = Quota::ofPerson($this->world->student);
        $speak($sound, 120)->assertSessionHasNoErrors();
        $this->assertSame($before + strlen($sound), Quota::ofPerson($this->world->student));
        $note = Note::query()->sole();
        $hear = fn (User $user): TestResponse => $this->actingAs($user)->get(route('notes.voice', $note));
        $this->assertSame($sound, $hear($this->world->instructor)->assertOk()->getContent());
        $hear($this->world->student)->assertForbidden();
        $hear($this->world->critic)->assertForbidden();
        $this->actingAs($this->world->instructor)->post(route('desk.publish', $this->frame->attempt));
        $hear($this->world->student)->assertOk()->assertHeader('Content-Type', 'audio/webm');
        $hear($this->world->neighbour)->assertForbidden();
        $this->actingAs($this->world->student)
            ->get(route('attempts.return', $this->frame->attempt))
            ->assertMarkup('<audio controls')
            ->assertSee('Look here.');
        app(DeleteAttempts::class)->withBrief($this->world->setBrief);
        $this->assertSame(0, NoteVoice::query()->count());
    }

    /** @param  ?array<string, float|int>  $to */
    private function move(?array $to): TestResponse
    {
        return $this->actingAs($this->world->instructor)
            ->put(route('frames.subject', $this->frame), $to === null ? [] : ['subject' => $to]);
    }

    /** @param  array<string, mixed>  $changes */
    private function note(User $author, array $changes): TestResponse
    {
        return $this->actingAs($author)->post(route('notes.store', $this->frame), [
            'kind' => 'try', 'body' => 'Look here.', 'token' => (string) Str::uuid(), ...$changes,
        ]);
    }
}
