<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Briefs\BriefLibrary;
use App\HandIn\AddPicture;
use App\HandIn\HandInRefused;
use App\HandIn\PartialUpload;
use App\HandIn\ReadPicture;
use App\Imaging\OutsideProgram;
use App\Imaging\TagWriter;
use App\Models\Attempt;
use App\Models\AttemptState;
use App\Models\Frame;
use App\Models\FrameState;
use App\Models\Picture;
use App\Models\SetBrief;
use App\View\Drawings\SeriesStrip;
use DateTimeImmutable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\File;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\Group;
use Tests\Support\Pictures;
use Tests\Support\World;
use Tests\TestCase;
use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Series\SeriesKind;

/** Hand-in of several frames: in pieces, in rows, once each, and changed until the instructor opens it. */
#[Group('long')]
final class ManyFramesTest extends TestCase
{
    use RefreshDatabase;

    protected function tearDown(): void
    {
        File::deleteDirectory(storage_path('app/uploads'));
        parent::tearDown();
    }

    public function test_a_file_comes_in_pieces_and_goes_on_after_a_dropped_connection(): void
    {
        [$world, $setBrief] = $this->world('same-light-three-ways');
        $path = Pictures::jpeg(mark: 3);
        $content = (string) file_get_contents($path);
        // Trailing zeros make it larger than one piece; a decoder stops at the end of the picture.
        $content = str_pad($content, PartialUpload::PIECE + 5000, "\0");
        $facts = ['name' => 'wide open.jpg', 'size' => strlen($content), 'modified' => 1];
        $this->actingAs($world->student);

        $this->assertSame(0, $this->state($setBrief, $facts)->json('received'));
        $first = substr($content, 0, PartialUpload::PIECE);
        $this->piece($setBrief, $facts, 0, $first)
            ->assertOk()
            ->assertJson(['received' => PartialUpload::PIECE]);
        // The answer was lost and the piece comes again; a piece from further on comes too early.
        $this->piece($setBrief, $facts, 0, $first)
            ->assertOk()
            ->assertJson(['received' => PartialUpload::PIECE]);
        $this->piece($setBrief, $facts, PartialUpload::PIECE + 100, 'later')
            ->assertOk()
            ->assertJson(['received' => PartialUpload::PIECE]);
        $this->assertSame(PartialUpload::PIECE, $this->state($setBrief, $facts)->json('received'));
        // Somebody else's file of the same name is another file.
        $this->actingAs($world->neighbour);
        $this->assertSame(0, $this->state($setBrief, $facts)->json('received'));
        $this->actingAs($world->student);

        $this->piece($setBrief, $facts, PartialUpload::PIECE, substr($content, PartialUpload::PIECE))
            ->assertCreated()
            ->assertJsonPath('said', null);
        $frame = Frame::query()->sole();
        $this->assertSame('wide open.jpg', $frame->original_name);
        $this->assertSame(hash('sha256', $content), $frame->picture->hash);
        $this->assertSame(FrameState::Ready, $frame->state);
        $this->assertSame(
            [],
            File::glob(storage_path('app/uploads/'.$world->student->id.'/*')),
            'nothing is left behind',
        );
    }

    public function test_pieces_are_refused_in_plain_words(): void
    {
        [$world, $setBrief] = $this->world('same-light-three-ways');
        $this->actingAs($world->student);
        $large = (config('pupil.upload.megabytes') + 1) * 1_000_000;

        $this->assertStringContainsString(
            'larger than the',
            $this->state($setBrief, ['name' => 'a.jpg', 'size' => $large, 'modified' => 1])
                ->assertStatus(422)
                ->json('message'),
        );
        $this->assertStringContainsString(
            'empty',
            $this->state($setBrief, ['name' => 'a.jpg', 'size' => 0, 'modified' => 1])
                ->assertStatus(422)
                ->json('message'),
        );
        $words = 'not a picture at all';
        $this->assertStringContainsString(
            'not a picture',
            $this->piece($setBrief, ['name' => 'a.jpg', 'size' => strlen($words), 'modified' => 1], 0, $words)
                ->assertStatus(422)
                ->json('message'),
        );
        // What was refused is not kept as if it went on.
        $this->assertSame(
            0,
            $this->state($setBrief, ['name' => 'a.jpg', 'size' => strlen($words), 'modified' => 1])->json('received'),
        );
        $this->actingAs($world->instructor);
        $this->state($setBrief, ['name' => 'a.jpg', 'size' => 10, 'modified' => 1])->assertForbidden();
    }

    public function test_the_same_file_is_there_once_and_an_earlier_hand_in_is_named(): void
    {
        [$world, $setBrief] = $this->world('same-light-three-ways');
        $this->actingAs($world->student);
        $path = Pictures::jpeg(mark: 1);

        $this->send($setBrief, $path, 'a.jpg')->assertCreated();
        $this->assertStringContainsString(
            'already',
            $this->send($setBrief, $path, 'copy of a.jpg')->assertOk()->json('said'),
        );
        $this->assertSame(1, Frame::query()->count());

        Attempt::query()
            ->sole()
            ->update(['state' => AttemptState::Returned]);
        $this->assertStringContainsString(
            'attempt 1',
            $this->send($setBrief, $path, 'again.jpg')->assertCreated()->json('said'),
        );
    }

    public function test_a_plain_form_takes_several_files_and_tells_which_could_not_be_taken(): void
    {
        [$world, $setBrief] = $this->world('same-light-three-ways');
        $this->actingAs($world->student);

        $this->post(route('frames.store', $setBrief), [
            'pictures' => [
                World::upload(Pictures::jpeg(mark: 1), 'one.jpg'),
                World::upload(Pictures::file('words'), 'two.jpg'),
                World::upload(Pictures::jpeg(mark: 2), 'three.jpg'),
            ],
        ])
            ->assertRedirect(route('attempts.show', Attempt::query()->sole()))
            ->assertSessionHas('problem', fn (string $said): bool => str_contains($said, '"two.jpg"'));
        $this->assertSame(['one.jpg', 'three.jpg'], Frame::query()->orderBy('id')->pluck('original_name')->all());
        $this->get(route('attempts.show', Attempt::query()->sole()))
            ->assertOk()
            ->assertSee('2 of 3 frames')
            ->assertSee('Mark the subject');
    }

    public function test_no_more_frames_than_the_brief_takes(): void
    {
        [$world, $setBrief] = $this->world('same-light-three-ways');
        foreach (range(1, 5) as $mark) {
            app(AddPicture::class)->handle($setBrief, $world->student, Pictures::jpeg(mark: $mark), $mark.'.jpg');
        }
        try {
            app(AddPicture::class)->handle($setBrief, $world->student, Pictures::jpeg(mark: 6), '6.jpg');
            $this->fail('A sixth frame was taken.');
        } catch (HandInRefused $problem) {
            $this->assertStringContainsString('up to 5 frames', $problem->getMessage());
        }
        $this->actingAs($world->student)
            ->delete(route('frames.destroy', Frame::query()->where('original_name', '2.jpg')->sole()))
            ->assertRedirect();
        app(AddPicture::class)->handle($setBrief, $world->student, Pictures::jpeg(mark: 6), '6.jpg');
        $this->assertSame(
            ['1.jpg', '3.jpg', '4.jpg', '5.jpg', '6.jpg'],
            Frame::query()->orderBy('id')->pluck('original_name')->all(),
        );
    }

    public function test_frames_lie_in_the_rows_of_the_brief_and_each_row_is_judged_for_itself(): void
    {
        [$world, $setBrief] = $this->world('three-controls');
        $this->actingAs($world->student);
        $settings = [
            'iso' => [[5.6, 1 / 60, 100], [5.6, 1 / 60, 400], [5.6, 1 / 60, 1600]],
            'time' => [[8, 1 / 125, 200], [5.6, 1 / 30, 200]],
        ];
        $mark = 10;
        foreach ($settings as $row => $frames) {
            foreach ($frames as $second => [$n, $t, $iso]) {
                $path = Pictures::jpeg(
                    record: Pictures::record(
                        $n,
                        $t,
                        $iso,
                        takenAt: new DateTimeImmutable('2026-10-03 18:00:0'.$second),
                    ),
                    mark: $mark++,
                );
                $this->send($setBrief, $path, $row.$second.'.jpg', $row)->assertCreated();
            }
        }
        foreach (['iso', 'time'] as $row) {
            $form = World::form(['for_row' => '1']);
            unset($form['placement_id']);
            $this->put(route('frames.update', Frame::query()->where('row', $row)->firstOrFail()), $form)
                ->assertSessionHasNoErrors()
                ->assertRedirect(route('attempts.show', Attempt::query()->sole()));
        }
        $this->assertSame(5, Frame::query()->where('state', FrameState::Judged)->count());
        $checks = fn (string $name): array => array_column(
            Frame::query()->where('original_name', $name)->sole()->checks,
            'verdict',
            'id',
        );
        // Said once, with the last of the row.
        $this->assertSame([], $checks('iso0.jpg'));
        $this->assertSame(['moving-iso' => 'met', 'span-iso' => 'met', 'frames-iso' => 'met'], $checks('iso2.jpg'));
        $this->assertSame('missed', $checks('time1.jpg')['moving-time']);
        $this->get(route('attempts.show', Attempt::query()->sole()))
            ->assertSee('Only ISO moves')
            ->assertSee('3 of 3 frames')
            ->assertSee('2 of 3 frames')
            ->assertSee('4 are missing');

        // A frame that goes takes what was said of its row with it.
        $this->delete(
            route('frames.destroy', Frame::query()->where('original_name', 'iso2.jpg')->sole()),
        )->assertRedirect();
        $this->assertSame('missed', $checks('iso1.jpg')['frames-iso']);
    }

    public function test_a_raw_file_and_its_jpeg_are_one_frame_whichever_comes_first(): void
    {
        [$world, $setBrief] = $this->world('same-light-three-ways');
        $this->actingAs($world->student);
        $at = fn (int $second): CaptureRecord => Pictures::record(
            takenAt: new DateTimeImmutable('2026-10-03 18:00:0'.$second),
        );
        $raw = function (int $second) use ($at): string {
            $preview = Pictures::jpeg(record: $at($second), mark: 60 + $second);
            $path = Pictures::dng($preview, fn (): int => 4000 + $second);
            app(TagWriter::class)->write($path, $at($second));

            return $path;
        };
        $this->send($setBrief, Pictures::jpeg(record: $at(1), mark: 61), 'PIC_1.JPG')->assertCreated();
        $frame = Frame::query()->sole();
        $form = World::form();
        unset($form['placement_id']);
        $this->put(route('frames.update', $frame), $form)->assertSessionHasNoErrors();
        $this->assertSame(FrameState::Judged, $frame->refresh()->state);
        $this->assertStringContainsString(
            '"PIC_1.DNG" is kept',
            $this->send($setBrief, $raw(1), 'PIC_1.DNG')->assertCreated()->json('said'),
        );
        $frame = Frame::query()->sole();
        $this->assertSame(['PIC_1.DNG', FrameState::Judged], [$frame->original_name, $frame->state]);
        $this->assertNotNull($frame->measures?->raw()?->subject, 'its marks stayed');
        $this->assertSame(1, Picture::query()->count(), 'nothing is kept that nobody sees');

        // The raw file first; and a name alone makes no pair.
        $this->send($setBrief, $raw(2), 'PIC_2.DNG')->assertCreated();
        $this->send($setBrief, Pictures::jpeg(record: $at(2), mark: 62), 'pic_2.jpg')->assertCreated();
        $this->assertSame(2, Frame::query()->count());
        $this->send($setBrief, Pictures::jpeg(record: $at(3), mark: 63), 'PIC_2.JPG')->assertCreated();
        $this->assertSame(['PIC_1.DNG', 'PIC_2.DNG', 'PIC_2.JPG'], Frame::query()->pluck('original_name')->all());

        // Nor is a JPEG that was worked on since the camera's, and what could not be read stands for nothing.
        $edited = Pictures::jpeg(record: $at(1), mark: 64);
        (new OutsideProgram('exiftool', 30))->run(
            ['-q', '-overwrite_original', '-ModifyDate=2026:10:04 09:00:00', '--', $edited],
        );
        $this->send($setBrief, $edited, 'PIC_1.JPG')->assertCreated();
        $this->assertSame(4, Frame::query()->count());
        Frame::query()->where('original_name', 'PIC_2.JPG')->delete();
        Frame::query()->where('original_name', 'PIC_2.DNG')->update(['state' => FrameState::Refused]);
        $this->send($setBrief, Pictures::jpeg(record: $at(2), mark: 65), 'PIC_2.JPG')->assertCreated();
        $this->assertSame(4, Frame::query()->count());
    }

    public function test_marks_for_a_row_reach_frames_that_are_still_being_read(): void
    {
        [$world, $setBrief] = $this->world('more-range-than-the-sensor');
        $this->actingAs($world->student);
        foreach ([1 / 125, 1 / 30, 1 / 2] as $second => $time) {
            $path = Pictures::jpeg(
                record: Pictures::record(8, $time, 100, takenAt: new DateTimeImmutable('2026-10-03 18:00:0'.$second)),
                mark: 40 + $second,
            );
            $this->send($setBrief, $path, 'rung'.$second.'.jpg')->assertCreated();
        }
        [$first, $second, $third] = Frame::query()->orderBy('id')->get()->all();
        $third->update(['state' => FrameState::Reading, 'tags' => null, 'proposed' => null]);
        $form = World::form(['for_row' => '1']);
        unset($form['placement_id']);
        $this->put(route('frames.update', $first), $form)->assertSessionHasNoErrors();

        $this->assertSame(FrameState::Judged, $second->refresh()->state);
        $this->assertSame(FrameState::Reading, $third->refresh()->state, 'it cannot be judged before it is read');
        $this->assertEquals($first->refresh()->subject, $third->subject);
        app(ReadPicture::class)->handle($third->id);
        $this->assertSame(FrameState::Judged, $third->refresh()->state);
        $this->assertNotNull($third->tags);
        $this->assertNotNull($third->proposed);
    }

    public function test_the_desk_shows_a_bracket_as_one_object_and_names_the_missing_frame(): void
    {
        [$world, $setBrief] = $this->world('more-range-than-the-sensor');
        $this->actingAs($world->student);
        foreach ([1 / 125, 1 / 30, 1 / 2] as $second => $time) {
            $path = Pictures::jpeg(
                record: Pictures::record(8, $time, 100, takenAt: new DateTimeImmutable('2026-10-03 18:00:0'.$second)),
                mark: 30 + $second,
            );
            $this->send($setBrief, $path, 'rung'.$second.'.jpg')->assertCreated();
        }
        $form = World::form(['for_row' => '1']);
        unset($form['placement_id']);
        $this->put(route('frames.update', Frame::query()->firstOrFail()), $form)->assertSessionHasNoErrors();
        $attempt = Attempt::query()->sole();
        $strip = SeriesStrip::of(array_values($attempt->frames->all()), SeriesKind::Bracket);
        $this->assertSame('A bracket: the exposure time moves', $strip?->title());
        $this->assertSame(['+2', '+4'], array_column($strip->steps(), 'label'));
        $this->assertSame([false, true], array_column($strip->steps(), 'isGap'));
        $x = array_column($strip->points(), 'x');
        $this->assertEqualsWithDelta(
            2.0,
            ($x[2] - $x[1]) / ($x[1] - $x[0]),
            0.01,
            'twice the stops, twice as far apart',
        );
        $this->assertStringContainsString('Together they hold', (string) $strip->covered());

        $this->post(route('attempts.hand-in', $attempt));
        $this->actingAs($world->instructor)
            ->get(route('desk.show', $attempt))
            ->assertOk()
            ->assertSee('a frame is missing here')
            ->assertSee('The steps are equal')
            ->assertSee('rung2.jpg');
        $this->post(route('desk.publish', $attempt));
        $this->actingAs($world->student)
            ->get(route('attempts.return', $attempt))
            ->assertOk()
            ->assertSee('a frame is missing here');
    }

    public function test_progress_is_silent_until_there_is_something_new(): void
    {
        [$world, $setBrief] = $this->world('same-light-three-ways');
        $frame = app(AddPicture::class)
            ->handle($setBrief, $world->student, Pictures::jpeg(), 'a.jpg')
            ->frame->refresh();
        $this->actingAs($world->student);
        foreach ([route('attempts.show', $frame->attempt), route('frames.edit', $frame)] as $page) {
            $frame->update(['state' => FrameState::Reading]);
            preg_match('/hx-get="([^"]+progress[^"]*)"/', (string) $this->get($page)->getContent(), $found);
            $progress = html_entity_decode($found[1] ?? '');
            $this->get($progress)->assertNoContent();
            $frame->update(['state' => FrameState::Ready]);
            $this->get($progress)->assertOk()->assertDontSee('being read');
        }
    }

    public function test_an_attempt_can_be_taken_back_until_the_instructor_opens_it(): void
    {
        $world = World::make();
        $attempt = $world->handedIn();
        $this->actingAs($world->student)->get(route('attempts.show', $attempt))->assertOk()->assertSee('Take it back');
        $this->post(route('attempts.take-back', $attempt))->assertRedirect();
        $this->assertSame(AttemptState::Draft, $attempt->refresh()->state);
        $this->assertNull($attempt->handed_in_at);
        $this->assertNotNull($attempt->frames->first()->checks, 'nothing that was done is lost');

        $this->post(route('attempts.hand-in', $attempt));
        $this->actingAs($world->instructor)->post(route('desk.open', $attempt))->assertNoContent();
        $this->actingAs($world->student)
            ->post(route('attempts.take-back', $attempt))
            ->assertSessionHas('problem', fn (string $said): bool => str_contains($said, 'has opened'));
        $this->assertSame(AttemptState::AtDesk, $attempt->refresh()->state);
    }

    public function test_an_attempt_s_pages_are_its_student_s_alone(): void
    {
        [$world, $setBrief] = $this->world('same-light-three-ways');
        $frame = app(AddPicture::class)->handle($setBrief, $world->student, Pictures::jpeg(), 'a.jpg')->frame;
        foreach (['instructor', 'critic', 'neighbour', 'outsider'] as $person) {
            $this->actingAs($world->$person);
            foreach (
                [
                    $this->get(route('attempts.show', $frame->attempt)),
                    $this->get(route('attempts.progress', $frame->attempt)),
                    $this->post(route('attempts.take-back', $frame->attempt)),
                    $this->delete(route('frames.destroy', $frame)),
                ] as $answer
            ) {
                $answer->assertForbidden();
            }
        }
        $this->assertSame(1, Frame::query()->count());
    }

    /** @return array{World, SetBrief} */
    private function world(string $brief): array
    {
        $world = World::make();

        return [
            $world,
            $world->course
                ->setBriefs()
                ->create(['brief_id' => $brief, 'brief' => app(BriefLibrary::class)->data($brief)]),
        ];
    }

    private function send(SetBrief $setBrief, string $path, string $name, ?string $row = null): TestResponse
    {
        $content = (string) file_get_contents($path);

        return $this->piece(
            $setBrief,
            array_filter(['name' => $name, 'size' => strlen($content), 'modified' => 1, 'row' => $row]),
            0,
            $content,
        );
    }

    /** @param  array<string, int|string>  $facts */
    private function state(SetBrief $setBrief, array $facts): TestResponse
    {
        return $this->getJson(route('uploads.show', $setBrief).'?'.http_build_query($facts));
    }

    /** @param  array<string, int|string>  $facts */
    private function piece(SetBrief $setBrief, array $facts, int $offset, string $piece): TestResponse
    {
        return $this->call(
            'POST',
            route('uploads.store', $setBrief).'?'.http_build_query([...$facts, 'offset' => $offset]),
            server: ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/octet-stream'],
            content: $piece,
        );
    }
}
