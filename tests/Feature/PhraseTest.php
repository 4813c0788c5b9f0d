<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Critique\PhraseBank;
use App\Models\Decision;
use App\Models\Phrase;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Str;
use Tests\Support\World;
use Tests\TestCase;
use TruePupil\Core\Findings\Topic;

/** Sentences that an instructor keeps. */
final class PhraseTest extends TestCase
{
    use RefreshDatabase;

    public function test_pinned_ones_come_first_then_those_about_what_was_found(): void
    {
        $world = World::make();
        $own = ['user_id' => $world->instructor->id];
        Phrase::query()->create([...$own, 'body' => 'Any time.']);
        Phrase::query()->create([...$own, 'body' => 'Focus on the nearer eye.', 'topic' => Topic::Focus]);
        Phrase::query()->create([...$own, 'body' => 'Why did you take it?', 'is_pinned' => true]);
        Phrase::query()->create(['user_id' => $world->critic->id, 'body' => 'Not yours.']);
        $attempt = $world->handedIn();
        $attempt->frames->first()->findings()->limit(1)->update([
            'decision' => Decision::Reworded, 'decided_by' => $world->instructor->id, 'wording' => 'Say it in stops.',
        ]);
        $this->assertSame(
            ['Why did you take it?', 'Focus on the nearer eye.', 'Any time.', 'Say it in stops.'],
            PhraseBank::offered($world->instructor, [Topic::Focus]),
        );
        $this->assertSame('Any time.', PhraseBank::offered($world->instructor, [])[1]);
        $this->actingAs($world->instructor)
            ->get(route('desk.show', $attempt))
            ->assertSeeInOrder(['Why did you take it?', 'Say it in stops.'])
            ->assertDontSee('Not yours.');
    }

    public function test_a_note_s_sentence_is_kept_once_found_changed_and_taken_out_by_its_owner_alone(): void
    {
        $world = World::make();
        $frame = $world->handedIn()->frames->first();
        foreach (range(1, 2) as $time) {
            $this->actingAs($world->instructor)->post(route('notes.store', $frame), [
                'kind' => 'try', 'topic' => 'focus', 'body' => 'Wait for 100 % of the smile.', 'keep' => '1',
                'token' => (string) Str::uuid(),
            ]);
        }
        $phrase = Phrase::query()->sole();
        $this->assertSame(Topic::Focus, $phrase->topic);
        $this->get(route('phrases', ['find' => '100 %']))->assertSee('of the smile');
        $this->get(route('phrases', ['find' => '100_%']))->assertDontSee('of the smile');
        $this->put(route('phrases.update', $phrase), ['body' => ' Wait for it. ', 'is_pinned' => '1']);
        $this->assertSame(['Wait for it.', null, true], [
            $phrase->refresh()->body, $phrase->topic, $phrase->is_pinned,
        ]);
        $this->put(route('phrases.update', $phrase), ['body' => str_repeat('x', 501)])->assertSessionHasErrors('body');
        $this->actingAs($world->critic)->get(route('phrases'))->assertDontSee('Wait for it.');
        $this->delete(route('phrases.destroy', $phrase))->assertForbidden();
        $this->actingAs($world->instructor)->delete(route('phrases.destroy', $phrase));
        $this->assertSame(0, Phrase::query()->count());
    }
}
