<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\DaySheet;
use App\Models\FieldNote;
use App\Models\SavedPlan;
use App\Models\SettingsBank;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Tests\Support\World;
use Tests\TestCase;

/** The sheet of a day out: kept as typed, ticked from any device, and told at hand-in. */
final class DayTest extends TestCase
{
    use RefreshDatabase;

    private World $world;

    protected function setUp(): void
    {
        parent::setUp();
        $this->world = World::make();
        $this->actingAs($this->world->student);
    }

    public function test_a_sheet_is_kept_and_puts_the_shots_in_the_order_of_the_day(): void
    {
        $this->get(route('days.show', $this->world->setBrief))->assertRedirect(
            route('days.edit', $this->world->setBrief),
        );
        $this->put(route('days.update', $this->world->setBrief), [
            'title' => 'Firing',
            'date' => '2026-03-20',
            'begins' => '15:00',
            'ends' => '19:30',
            'lat' => '52.5',
            'lon' => '0',
            'scouting' => [
                ['id' => '', 'kind' => 'ask', 'text' => 'the potter'],
                // Begun and left empty.
                'new' => ['id' => '', 'kind' => 'switch-off', 'text' => ' '],
            ],
            'shots' => [
                ['kind' => 'detail', 'title' => 'her hands', 'minutes' => '10', 'settings' => '1/125',
                    'safe' => '1/500'],
                ['kind' => 'surroundings', 'title' => 'the yard', 'minutes' => '20', 'bearing' => 'west'],
                'new' => ['kind' => 'detail', 'title' => '', 'minutes' => '10'],
            ],
        ])->assertRedirect(route('days.show', $this->world->setBrief));

        $page = $this->get(route('days.show', $this->world->setBrief))->assertOk();
        $page->assertSeeInOrder(['Friday 20 March', 'Ask: the potter', '15:00', 'the yard', '15:20', 'her hands']);
        $page->assertSeeInOrder(['First, to be sure:', '1/500', 'Then the one you', '1/125'])
            ->assertSee('The shots take 30 minutes of 270; 240 are left')
            ->assertSee('in the south-west: back light')
            ->assertSee('sunset');
        $sheet = DaySheet::query()->sole();
        $this->assertCount(1, $sheet->content['scouting']);
        $this->assertCount(2, $sheet->content['shots']);
        // A line keeps its name when the sheet is changed, and so its tick.
        $name = $sheet->content['shots'][0]['id'];
        $this->put(route('days.update', $this->world->setBrief), [
            'shots' => [
                ['id' => $name, 'kind' => 'detail', 'title' => 'her hands, closer', 'minutes' => '5'],
                ['id' => $name, 'kind' => 'detail', 'title' => 'copied', 'minutes' => '5'],
            ],
        ]);
        $names = array_column($sheet->refresh()->content['shots'], 'id');
        $this->assertSame($name, $names[0]);
        $this->assertNotSame($name, $names[1]);
    }

    public function test_what_is_wrong_stands_at_its_field_and_nothing_typed_is_lost(): void
    {
        $typed = [
            'title' => 'Firing',
            'begins' => '25:00',
            'lat' => '95',
            'lon' => '10',
            'scouting' => [],
            'shots' => [
                ['id' => '', 'kind' => 'detail', 'title' => 'hands', 'minutes' => 'ten', 'bearing' => 'up'],
                ['id' => '', 'kind' => 'detail', 'title' => '', 'minutes' => '5', 'settings' => '1/60'],
            ],
        ];
        $this->from(route('days.edit', $this->world->setBrief))
            ->put(route('days.update', $this->world->setBrief), $typed)
            ->assertRedirect(route('days.edit', $this->world->setBrief))
            ->assertSessionHasErrors(['shots.1.title' => 'Say what the shot is.']);
        $typed['shots'][1]['title'] = 'feet';
        $this->put(route('days.update', $this->world->setBrief), $typed)->assertSessionHasErrors([
            'begins' => '"25:00" is no hour. Write 16:30.',
            'lat',
            'shots.0.minutes',
            'shots.0.bearing',
        ]);
        $this->assertSame(0, DaySheet::query()->count());
        $this->get(route('days.edit', $this->world->setBrief))->assertSee('value="up"', false)->assertSee('25:00');
    }

    public function test_settings_are_ready_from_the_plan_and_the_banks(): void
    {
        SettingsBank::query()->create(['user_id' => $this->world->student->id, 'bank' => [
            'name' => 'Street', 'kind' => 'street', 'mode' => 'aperture', 'fNumber' => 8.0,
        ]]);
        SettingsBank::query()->create(['user_id' => $this->world->neighbour->id, 'bank' => [
            'name' => 'Not mine', 'kind' => 'street', 'mode' => 'aperture',
        ]]);
        $this->get(route('days.edit', $this->world->setBrief))
            ->assertSee('Street: aperture priority, ƒ/8, automatic ISO')
            ->assertDontSee('Not mine');
        $this->assertNull(SavedPlan::query()->first());
    }

    public function test_notes_come_late_twice_and_from_two_devices_and_none_is_lost(): void
    {
        $sheet = $this->sheet();
        $note = fn (string $id, string $field, string $value, int $minutes): array => [
            'id' => $id, 'entry' => 'yard', 'field' => $field, 'value' => $value,
            'at' => Carbon::now()->subMinutes($minutes)->getTimestampMs(),
        ];
        [$first, $second, $third] = [(string) Str::uuid(), (string) Str::uuid(), (string) Str::uuid()];
        // The tablet sends first what it heard last; the phone was without a network for a week.
        $this->send($note($second, 'word', 'gate open until six', 5))->assertOk()->assertJson(['kept' => [$second]]);
        $answer = $this->send(
            $note($first, 'word', 'gate closed', 7 * 24 * 60),
            $note($third, 'done', '1', 7 * 24 * 60 - 1),
        )->assertOk();

        $this->assertSame(
            ['done' => '1', 'word' => 'gate open until six'],
            $this->sorted($answer->json('values.yard')),
        );
        $this->send($note($first, 'word', 'gate closed', 7 * 24 * 60))->assertJson(['kept' => [$first]]);
        $this->assertSame(3, FieldNote::query()->count());
        $this->get(route('days.show', $this->world->setBrief))
            ->assertSee('gate open until six')
            ->assertSee('Before: gate closed.');
        $this->assertSame(1, $sheet->fresh()?->notebook()->at('yard', 'done') === null ? 0 : 1);
    }

    public function test_a_clock_that_runs_ahead_does_not_win_over_what_is_written_later(): void
    {
        $this->freezeTime();
        $this->sheet();
        $ahead = Carbon::now()->addYear()->getTimestampMs();
        $this->send(['id' => (string) Str::uuid(), 'entry' => 'yard', 'field' => 'word', 'value' => 'early',
            'at' => $ahead])->assertOk();
        $this->assertSame(Carbon::now()->getTimestampMs(), FieldNote::query()->sole()->noted_at);
        $this->travel(1)->minutes();
        $later = $this->send(['id' => (string) Str::uuid(), 'entry' => 'yard', 'field' => 'word', 'value' => 'late',
            'at' => Carbon::now()->getTimestampMs()]);
        $this->assertSame('late', $later->json('values.yard.word'));
    }

    public function test_what_is_no_note_is_refused_and_says_so(): void
    {
        $this->sheet();
        $id = (string) Str::uuid();
        $this->send(['id' => $id, 'entry' => 'yard', 'field' => 'password', 'value' => 'x', 'at' => 1])
            ->assertOk()
            ->assertJson(['kept' => [], 'refused' => [$id => 'There is no such line.']]);
        $this->send(['id' => 'x', 'entry' => 'yard', 'field' => 'done', 'value' => '1', 'at' => 1])
            ->assertJson(['kept' => []]);
        $this->send(['id' => $id, 'entry' => 'yard', 'field' => 'done'])->assertUnprocessable();
        $this->assertSame(0, FieldNote::query()->count());
        // Another's sheet is not found by the same address.
        $this->actingAs($this->world->neighbour);
        $this->send(['id' => $id, 'entry' => 'yard', 'field' => 'done', 'value' => '1', 'at' => 1])->assertNotFound();
    }

    public function test_gaps_are_told_at_hand_in_and_at_the_desk(): void
    {
        $this->sheet();
        $this->send(
            ['id' => (string) Str::uuid(), 'entry' => 'yard', 'field' => 'done', 'value' => '1', 'at' => 1],
            ['id' => (string) Str::uuid(), 'entry' => 'fire', 'field' => 'word', 'value' => 'rain', 'at' => 1],
        );
        $frame = $this->world->prepared();
        $this->get(route('frames.edit', $frame))
            ->assertSeeText('Your day’s sheet: 1 of 2 shots ticked')
            ->assertSee('the fire – rain');
        $attempt = $this->world->handedIn();
        $this->actingAs($this->world->instructor)
            ->get(route('desk.show', $attempt))
            ->assertSeeText('The day’s sheet: 1 of 2 shots ticked')
            ->assertSee('the fire – rain');
        // Nothing is said where there is no sheet.
        $other = $this->world->handedIn(student: $this->world->neighbour);
        $this->get(route('desk.show', $other))->assertDontSeeText('day’s sheet');
    }

    public function test_a_sheet_goes_out_and_comes_in_as_a_file(): void
    {
        $sheet = $this->sheet();
        $this->send(['id' => (string) Str::uuid(), 'entry' => 'yard', 'field' => 'done', 'value' => '1', 'at' => 1]);
        $file = $this->get(route('days.document', $this->world->setBrief))->assertOk()->getContent();
        $this->assertSame(['done' => '1'], json_decode((string) $file, true)['notes']['yard']);

        $this->actingAs($this->world->neighbour)->post(route('days.import', $this->world->setBrief), [
            'file' => UploadedFile::fake()->createWithContent('day.json', (string) $file),
        ])->assertRedirect(route('days.show', $this->world->setBrief));
        $taken = DaySheet::query()->where('user_id', $this->world->neighbour->id)->sole();
        $this->assertEquals($sheet->sheet(), $taken->setRelation('setBrief', $this->world->setBrief)->sheet());
        $this->assertSame([], $taken->notebook()->values());

        // A kind that is not said is the usual one, also when it is read again.
        $this->post(route('days.import', $this->world->setBrief), [
            'file' => UploadedFile::fake()->createWithContent('day.json', (string) json_encode([
                'format' => 'true-pupil.day-sheet', 'version' => 1, 'title' => 'Firing',
                'shots' => [['id' => 'a', 'title' => 'the yard', 'minutes' => 5]],
            ])),
        ])->assertSessionHasNoErrors();
        $this->get(route('days.show', $this->world->setBrief))->assertOk()->assertSee('the yard');

        foreach (['{}', '[', '{"format":"true-pupil.day-sheet","version":1,"begins":"noon"}'] as $wrong) {
            $this->post(route('days.import', $this->world->setBrief), [
                'file' => UploadedFile::fake()->createWithContent('day.json', $wrong),
            ])->assertSessionHasErrors('file');
        }
        $this->assertEquals($sheet->content['title'], $taken->refresh()->content['title']);

        $this->get(route('days.edit', $this->world->setBrief))->assertSeeText('Delete the sheet and its notes');
        $this->delete(route('days.destroy', $this->world->setBrief))->assertRedirect();
        $this->assertSame([$sheet->id], DaySheet::query()->pluck('id')->all(), 'one\'s own alone');
    }

    private function sheet(): DaySheet
    {
        return DaySheet::query()->create([
            'user_id' => $this->world->student->id,
            'set_brief_id' => $this->world->setBrief->id,
            'content' => [
                'title' => 'Firing', 'date' => '', 'begins' => '', 'ends' => '', 'lat' => '', 'lon' => '',
                'scouting' => [],
                'shots' => [
                    ['id' => 'yard', 'kind' => 'surroundings', 'title' => 'the yard', 'minutes' => '10', 'at' => '',
                        'bearing' => '', 'settings' => '', 'safe' => ''],
                    ['id' => 'fire', 'kind' => 'moment', 'title' => 'the fire', 'minutes' => '10', 'at' => '',
                        'bearing' => '', 'settings' => '', 'safe' => ''],
                ],
            ],
        ])->setRelation('setBrief', $this->world->setBrief);
    }

    /** @param  array<string, mixed>  ...$notes */
    private function send(array ...$notes): \Illuminate\Testing\TestResponse
    {
        return $this->postJson(route('days.notes', $this->world->setBrief), ['notes' => $notes]);
    }

    /** @param  array<string, string>  $values  @return array<string, string> */
    private function sorted(array $values): array
    {
        ksort($values);

        return $values;
    }
}
