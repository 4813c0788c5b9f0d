<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Attempt;
use App\Models\AttemptState;
use App\Models\Decision;
use App\Models\FieldNote;
use App\Models\FilmRoll;
use App\Models\FrameFinding;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Tests\Support\Pictures;
use Tests\Support\World;
use Tests\TestCase;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;

/** Rolls of film: begun from the kit, written down on the way, ordered, scanned, matched, and what came of them. */
final class FilmRollTest extends TestCase
{
    use RefreshDatabase;

    private const ROLL = ['name' => 'Roll 7', 'film' => 'Clayfoot 400', 'boxSpeed' => 'ISO 400', 'kind' => 'negative'];

    private World $world;

    protected function setUp(): void
    {
        parent::setUp();
        $this->world = World::make();
        $this->actingAs($this->world->student);
    }

    public function test_a_roll_begins_with_the_film_of_the_kit(): void
    {
        $this->world->student->update(['kit' => [
            'body' => ['name' => 'Box', 'format' => '36x24'],
            'film' => ['name' => 'Clayfoot 200', 'boxSpeed' => 200, 'kind' => 'slide', 'pushed' => 1],
            'supports' => ['hand'],
        ]]);
        $this->get(route('film.create'))->assertOk()
            ->assertSee('value="Clayfoot 200"', false)
            ->assertSee('value="200"', false);
        $this->get(route('film'))->assertSee('No roll yet');
    }

    public function test_a_roll_is_kept_and_told_how_its_speeds_fit(): void
    {
        $this->post(route('film.store'), [
            ...self::ROLL, 'index' => 'EI 200', 'frames' => '24', 'loaded' => '2026-05-31', 'expires' => '2016-05',
            'pushed' => '0', 'labProcess' => 'negative', 'labLongSide' => '6000', 'labLook' => 'flat',
            'labFiles' => 'tiff', 'labWord' => 'do not cut',
        ])->assertRedirect();
        $roll = FilmRoll::query()->sole();
        $this->get(route('film.show', $roll))
            ->assertSee('gets 1 stop more light than it is developed for')
            ->assertSee('10 years past its date')
            ->assertSeeText('Write down frame 1');
        $this->get(route('film.order', $roll))
            ->assertSeeInOrder(['Stu Dent', 'ISO 400', 'ISO 200', '6000 pixels', 'TIFF', 'flat', 'do not cut']);
        $card = $this->get(route('film.card', $roll))->assertOk();
        $this->assertSame(24, substr_count($card->getContent(), '<th scope="row">'));
        // Spoiled, it is told without shame and with a way on.
        $this->put(route('film.update', $roll), [...self::ROLL, 'stage' => 'spoiled', 'mishap' => 'opened']);
        $this->get(route('film.show', $roll))
            ->assertSeeText('It happens to everybody')
            ->assertSeeText('have it developed all the same')
            ->assertDontSeeText('Write down frame');
        $this->delete(route('film.destroy', $roll))->assertRedirect(route('film'));
        $this->assertSame(0, FilmRoll::query()->count());
    }

    public function test_what_is_wrong_stands_at_its_field(): void
    {
        $this->post(route('film.store'), [
            ...self::ROLL, 'boxSpeed' => 'fast', 'frames' => '120', 'expires' => 'May',
        ])->assertSessionHasErrors(['boxSpeed' => '"fast" is no number.', 'frames', 'expires']);
        $this->post(route('film.store'), [...self::ROLL, 'name' => ''])->assertSessionHasErrors('name');
        $this->assertSame(0, FilmRoll::query()->count());
    }

    public function test_the_log_is_written_from_the_phone_and_says_where_a_reading_fell(): void
    {
        $roll = $this->roll();
        $this->log($roll, '12', ['aperture' => '8', 'time' => '1/60', 'reading' => '8', 'from' => 'shadow'])
            ->assertOk();
        $this->log($roll, '13', ['aperture' => 'wide open'])->assertOk();
        $this->get(route('film.show', $roll))
            ->assertSee('The darkest place fell 2 stops below mid-grey.')
            ->assertSee('What you wrote is kept.')
            ->assertSeeText('Write down frame 14')
            ->assertSeeText('Nothing is written down for 1, 2, 3');
        $this->log($roll, 'x', ['aperture' => '8'])->assertJson(['kept' => []]);
        // A visitor with the address of it reads nothing.
        $this->actingAs($this->world->neighbour)->get(route('film.show', $roll))->assertForbidden();
    }

    public function test_logs_go_out_and_come_in_and_what_stood_there_can_still_be_read(): void
    {
        $roll = $this->roll();
        $this->log($roll, '1', ['aperture' => '8', 'word' => '=2+2, the "yard"']);
        $this->log($roll, '2', ['aperture' => '11']);
        $table = $this->get(route('film.table', $roll))->assertOk()->getContent();
        $this->assertStringContainsString("'=2+2", (string) $table, 'nothing a spreadsheet would run');
        $document = $this->get(route('film.document', $roll))->getContent();

        // The same table again changes nothing.
        $this->import($roll, (string) $table)->assertSessionHas('done', '0 entries are new from the file.');
        $this->import($roll, "frame;aperture;time\n1;5,6;1/30\n2A;4;\nx;8;\n")
            ->assertSessionHas('done', '3 entries are new from the file.')
            ->assertSessionHas('problem', 'Left out: row 4: "x" is no frame of a roll.');
        $values = $roll->refresh()->notebook();
        $this->assertSame(['5,6', '1/30', '11', '4'], [
            $values->value('1', 'aperture'), $values->value('1', 'time'), $values->value('2', 'aperture'),
            $values->value('2A', 'aperture'),
        ]);
        $this->assertSame(['8'], array_column($values->earlier('1'), 'value'));
        $this->import($roll, "number,aperture\n1,8\n")->assertSessionHasErrors('file');

        $this->actingAs($this->world->neighbour)->post(route('film.take'), [
            'file' => UploadedFile::fake()->createWithContent('roll.json', (string) $document),
        ])->assertRedirect();
        $taken = FilmRoll::query()->where('user_id', $this->world->neighbour->id)->sole();
        $this->assertSame('=2+2, the "yard"', $taken->notebook()->value('1', 'word'));
        $this->assertEquals($roll->roll(), $taken->roll());
        $this->post(route('film.take'), [
            'file' => UploadedFile::fake()->createWithContent('roll.json', '{"format":"other"}'),
        ])->assertSessionHasErrors('file');
    }

    public function test_scans_find_their_settings_by_number_and_the_log_hears_what_came_of_them(): void
    {
        $roll = $this->roll();
        $this->log($roll, '12', ['aperture' => '8', 'time' => '1/60', 'lens' => '50 mm']);
        $scan = Pictures::drawn(fn (\GdImage $image): bool => imagefill($image, 0, 0, 0x777777), 600, 400);
        $this->post(route('frames.store', $this->world->setBrief), [
            'pictures' => [World::upload($scan, 'roll7_012.jpg')],
        ]);
        $attempt = Attempt::query()->sole();
        $frame = $attempt->frames()->sole();
        $this->assertNull($frame->record()?->exposure->fNumber);
        $page = $this->get(route('frames.edit', $frame))->assertSee('Are these scans of a roll of yours?');
        $page->assertSee(sprintf('name="numbers[%d]"', $frame->id), false)->assertSee('value="12"', false);

        $this->post(route('attempts.scans', $attempt), ['roll' => $roll->id, 'numbers' => [$frame->id => 'xx']])
            ->assertSessionHasErrors('numbers.'.$frame->id);
        // What was typed before the log was matched stays.
        $frame->update(['stated' => new \TruePupil\Core\Capture\StatedFields(
            fNumber: \TruePupil\Core\Exposure\Aperture::of(5.6),
        )]);
        $this->post(route('attempts.scans', $attempt), ['roll' => $roll->id, 'numbers' => [$frame->id => '12']])
            ->assertSessionHasNoErrors();
        $record = $frame->refresh()->record();
        $this->assertSame([5.6, '1/60 s', 400.0, 50.0], [
            $record?->exposure->fNumber?->nominal(),
            (string) $record?->exposure->exposureTime,
            $record?->exposure->iso?->nominal(),
            $record?->lens->focalLength,
        ]);
        // It was another frame after all: what the log said of the wrong one goes, what was typed stays.
        $this->log($roll, '13', ['aperture' => '11', 'time' => '1/250']);
        $match = fn (string $number): \Illuminate\Testing\TestResponse => $this->post(
            route('attempts.scans', $attempt),
            ['roll' => $roll->id, 'numbers' => [$frame->id => $number]],
        );
        $match('13');
        $record = $frame->refresh()->record();
        $this->assertSame([5.6, '1/250 s', null], [
            $record?->exposure->fNumber?->nominal(),
            (string) $record?->exposure->exposureTime,
            $record?->lens->focalLength,
        ]);
        $match('');
        $this->assertSame([null, ['fNumber']], [$frame->refresh()->film_roll_id, $frame->stated?->given()]);
        $match('12');
        $this->get(route('film.show', $roll))->assertSee('attempt 1')->assertSeeText('being prepared');

        $attempt->forceFill(['state' => AttemptState::Returned])->save();
        FrameFinding::query()->create([
            'frame_id' => $frame->id,
            'rule_id' => 'tone.lost',
            'decision' => Decision::Accepted,
            'body' => new Finding('tone.lost', Topic::Tone, Severity::Fault, 'The sky is lost.', [], ''),
        ]);
        $frame->update(['checks' => [['verdict' => 'met'], ['verdict' => 'missed']]]);
        $this->get(route('film.show', $roll))->assertSee('1 of 2 met. The sky is lost.');
        // Matched by nobody else, and with nobody else's roll.
        $other = $this->roll($this->world->neighbour->id);
        $this->post(route('attempts.scans', $attempt), ['roll' => $other->id, 'numbers' => []])
            ->assertSessionHasErrors('roll');
    }

    public function test_film_is_not_met_by_whoever_has_none(): void
    {
        $frame = $this->world->prepared();
        $this->get(route('frames.edit', $frame))->assertDontSeeText('roll of yours');
        // Nor with a picture whose camera wrote everything down.
        $this->roll();
        $this->get(route('frames.edit', $frame))->assertDontSeeText('roll of yours');
        $this->get(route('courses.show', $this->world->course))->assertDontSeeText('Rolls of film');
    }

    private function roll(?int $owner = null): FilmRoll
    {
        return FilmRoll::query()->create([
            'user_id' => $owner ?? $this->world->student->id,
            'content' => ['name' => 'Roll 7', 'film' => 'Clayfoot 400', 'boxSpeed' => 400, 'kind' => 'negative'],
        ]);
    }

    /** @param  array<string, string>  $texts */
    private function log(FilmRoll $roll, string $number, array $texts): \Illuminate\Testing\TestResponse
    {
        return $this->postJson(route('film.notes', $roll), ['notes' => array_map(
            fn (string $field, string $value): array => [
                'id' => (string) Str::uuid(), 'entry' => $number, 'field' => $field, 'value' => $value,
                'at' => 1000 + FieldNote::query()->count(),
            ],
            array_keys($texts),
            $texts,
        )]);
    }

    private function import(FilmRoll $roll, string $text): \Illuminate\Testing\TestResponse
    {
        return $this->post(route('film.import', $roll), [
            'file' => UploadedFile::fake()->createWithContent('log.csv', $text),
        ]);
    }
}
