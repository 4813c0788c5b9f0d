<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Briefs\BriefLibrary;
use App\Critique\FrameSituation;
use App\HandIn\AddPicture;
use App\HandIn\PictureStore;
use App\Jobs\JudgeFrame;
use App\Jobs\ReadFrame;
use App\Models\Attempt;
use App\Models\AttemptState;
use App\Models\Decision;
use App\Models\Frame;
use App\Models\FrameState;
use App\Models\Picture;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\Fluent\AssertableJson;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use Tests\Support\Pictures;
use Tests\Support\World;
use Tests\TestCase;
use TruePupil\Core\Brief\Check;

#[Group('long')]
final class HandInTest extends TestCase
{
    use RefreshDatabase;

    public function test_from_a_file_to_a_handed_in_attempt(): void
    {
        $world = World::make();
        $path = Pictures::jpeg(patch: 176);
        $this->actingAs($world->student);

        $next = $this->post(
            route('frames.store', $world->setBrief),
            ['pictures' => [World::upload($path, 'IMG 0042.jpg')]],
            ['Accept' => 'application/json'],
        )
            ->assertCreated()
            ->json('next');
        $this->get($next)
            ->assertOk()
            ->assertSee('from the file')
            ->assertSee('1/100 s')
            ->assertSee('Which subject is it?');

        $frame = Frame::query()->sole();
        $this->put(route('frames.update', $frame), World::form())->assertRedirect();
        $frame->refresh();
        $this->assertSame(FrameState::Judged, $frame->state);

        // Grey 176 is 1.21 stops above mid-grey; a white subject belongs at +1⅓.
        $placement = array_column($frame->checks, null, 'id')['placement'];
        $this->assertSame('met', $placement['verdict']);
        $this->assertEqualsWithDelta(
            log(((176 / 255 + 0.055) / 1.055) ** 2.4 / 0.18, 2) - 4 / 3,
            $placement['value'],
            0.05,
        );
        $this->get($next)->assertSee('Checks of the brief')->assertSee('inside the limit')->assertSee('Light ledger');

        $this->post(route('attempts.hand-in', $frame->attempt))->assertRedirect(
            route('set-briefs.show', $world->setBrief),
        );
        $this->assertSame(AttemptState::Waiting, $frame->attempt->fresh()->state);
        $handedIn = $frame->attempt->fresh()->handed_in_at;
        $this->travel(5)->minutes();
        $this->post(route('attempts.hand-in', $frame->attempt))->assertRedirect();
        $this->assertEquals($handedIn, $frame->attempt->fresh()->handed_in_at, 'a second click changes nothing');
    }

    public function test_a_subject_is_proposed_until_one_is_marked(): void
    {
        $world = World::make();
        $this->actingAs($world->student);
        $page = $this->post(
            route('frames.store', $world->setBrief),
            ['pictures' => [World::upload(Pictures::jpeg(patch: 220))]],
            ['Accept' => 'application/json'],
        )->json('next');

        $frame = Frame::query()->sole();
        // The patch stands in the middle of a plain ground, from 0.4 to 0.6 across.
        $this->assertEqualsWithDelta(0.5, $frame->proposed?->centre()['x'], 0.05);
        $this->assertNull($frame->subject, 'nothing is marked by itself');
        $this->get($page)->assertOk()->assertSee('Is it this?')->assertSee('Look for people, faces and things');
        $this->put(route('frames.update', $frame), World::form())->assertRedirect();
        $this->get($page)->assertOk()->assertDontSee('Is it this?');
        $this->post(route('attempts.hand-in', $frame->attempt));
        $this->get(route('frames.edit', $frame))->assertOk()->assertDontSee('Look for people, faces and things');
        $this->get(route('sight'))->assertOk()->assertSee('does not know who somebody is');
    }

    /** @return iterable<string, array{string}> */
    public static function readyBriefs(): iterable
    {
        foreach (glob(__DIR__.'/../../resources/briefs/*.json') ?: [] as $path) {
            yield basename($path, '.json') => [basename($path, '.json')];
        }
    }

    #[DataProvider('readyBriefs')]
    public function test_a_ready_brief_can_be_handed_in_for_and_asks_only_what_it_offers(string $id): void
    {
        $world = World::make();
        $brief = app(BriefLibrary::class)->find($id) ?? $this->fail();
        $setBrief = $world->course
            ->setBriefs()
            ->firstOrCreate(['brief_id' => $id], ['brief' => app(BriefLibrary::class)->data($id)]);
        $next = $this->actingAs($world->student)->post(
            route('frames.store', $setBrief),
            ['pictures' => [World::upload(Pictures::jpeg())]],
            ['Accept' => 'application/json'],
        )
            ->assertCreated()
            ->json('next');
        $frame = $setBrief->attempts()->sole()->frames()->sole();
        $page = $this->get(route('frames.edit', $frame))->assertOk();
        $form = World::form();
        if ($brief->placements === []) {
            $page->assertDontSee('Which subject is it?');
            unset($form['placement_id']);
        } else {
            $page->assertSee('Which subject is it?');
        }
        $this->put(route('frames.update', $frame), $form)->assertSessionHasNoErrors();
        $this->assertSame(FrameState::Judged, $frame->refresh()->state);
        // Where a brief has several rows, a frame is asked what its own row asks.
        $asked = array_filter(
            $brief->checks,
            fn (Check $check): bool => $check->row === null || $check->row === $frame->row,
        );
        $this->assertCount(count($asked), $frame->checks);
        $this->get($next)->assertOk();
        $result = $this->get(route('frames.edit', $frame))->assertOk()->assertSee('Checks of the brief');
        if ($brief->placements === []) {
            $result->assertDontSee('which subject of the brief this is');
        }
        $this->post(route('attempts.hand-in', $frame->attempt))->assertRedirect();
        $this->assertSame(AttemptState::Waiting, $frame->attempt->fresh()->state);
        $this->actingAs($world->instructor)
            ->get(route('desk.show', $frame->attempt))
            ->assertOk()
            ->assertSee($brief->checks[0]->sentence);
    }

    public function test_a_picture_is_stored_once_by_its_content_and_outside_the_web_root(): void
    {
        Queue::fake();
        $world = World::make();
        $path = Pictures::jpeg();
        $first = app(AddPicture::class)->handle($world->setBrief, $world->student, $path, 'a.jpg')->frame;
        $again = app(AddPicture::class)->handle($world->setBrief, $world->student, $path, 'b.jpg')->frame;
        $other = app(AddPicture::class)->handle($world->setBrief, $world->neighbour, $path, 'c.jpg')->frame;

        $this->assertSame($first->id, $again->id);
        $this->assertSame(1, Picture::query()->count());
        $this->assertSame(hash_file('sha256', $path), $other->picture->hash);
        $stored = app(PictureStore::class)->original($first->picture);
        $this->assertFileEquals($path, $stored);
        $this->assertStringStartsNotWith(public_path(), (string) realpath($stored));
        Queue::assertPushed(ReadFrame::class, 2);
    }

    public function test_another_picture_takes_the_place_of_the_first_while_it_is_being_prepared(): void
    {
        Queue::fake();
        $world = World::make();
        app(AddPicture::class)->handle($world->setBrief, $world->student, Pictures::jpeg(mark: 1), 'first.jpg');
        app(AddPicture::class)->handle($world->setBrief, $world->student, Pictures::jpeg(mark: 2), 'second.jpg');

        $this->assertSame(['second.jpg'], Frame::query()->pluck('original_name')->all());
        $this->assertSame(1, Attempt::query()->count());
    }

    public function test_pictures_leave_room_on_the_disk_for_all_that_is_none(): void
    {
        $world = World::make();
        $hand = fn () => $this->actingAs($world->student)->post(
            route('frames.store', $world->setBrief),
            ['pictures' => [World::upload(Pictures::jpeg())]],
            ['Accept' => 'application/json'],
        );
        $free = (int) (disk_free_space(storage_path()) / 1_000_000);
        config(['pupil.quota.reserve_megabytes' => $free + 500]);
        $this->assertStringContainsString('takes no more pictures', $hand()->assertStatus(422)->json('message'));
        $piece = ['name' => 'a.jpg', 'size' => 9, 'modified' => 1];
        $this->getJson(route('uploads.show', $world->setBrief).'?'.http_build_query($piece))
            ->assertStatus(507)
            ->assertJson(fn (AssertableJson $said) => $said->where(
                'message',
                fn (string $message): bool => str_contains($message, 'the disk takes no more'),
            ));
        $this->assertSame([0, 0], [Picture::query()->count(), Frame::query()->count()]);
        config(['pupil.quota.reserve_megabytes' => max(0, $free - 500)]);
        $hand()->assertCreated();
    }

    #[DataProvider('wrongFiles')]
    public function test_a_wrong_file_is_refused_in_plain_words(callable $make, string $says): void
    {
        $world = World::make();
        $this->actingAs($world->student)
            ->post(
                route('frames.store', $world->setBrief),
                ['pictures' => [World::upload($make(), 'photo.jpg')]],
                ['Accept' => 'application/json'],
            )
            ->assertStatus(422)
            ->assertJsonFragment([]);
        $message = $this->actingAs($world->student)
            ->post(
                route('frames.store', $world->setBrief),
                ['pictures' => [World::upload($make(), 'photo.jpg')]],
                ['Accept' => 'application/json'],
            )
            ->json('message');
        $this->assertStringContainsString($says, $message);
        $this->assertSame(0, Frame::query()->count());
        $this->assertSame(0, Picture::query()->count());
    }

    public static function wrongFiles(): iterable
    {
        yield 'empty' => [fn () => Pictures::file(''), 'empty'];
        yield 'cut short' => [
            fn () => Pictures::file(substr((string) file_get_contents(Pictures::jpeg()), 0, 3000)),
            'breaks off',
        ];
        yield 'a text with a picture\'s name' => [
            fn () => Pictures::file('Dear diary, today the light was fine.'),
            'not a picture',
        ];
        yield 'a drawing with a script in it' => [
            fn () => Pictures::file(
                '<?xml version="1.0"?><svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>',
            ),
            'not a picture',
        ];
        yield 'a script that a library draws pictures by' => [
            fn () => Pictures::file("push graphic-context\nviewbox 0 0 64 64\nimage over 0,0 0,0 '/etc/passwd'\n"),
            'not a picture',
        ];
        yield 'a document of scanned pages' => [
            fn () => Pictures::file("AT&TFORM\0\0\0\x20DJVUINFO\0\0\0\x0a\0\x40\0\x40\x18\0\x64\0\x16\0"),
            'not a picture',
        ];
        yield 'a page called JPEG' => [
            fn () => Pictures::file("%PDF-1.4\n1 0 obj<</Type/Catalog>>endobj\ntrailer<</Root 1 0 R>>\n%%EOF"),
            'application/pdf',
        ];
        yield 'a small file that claims four billion pixels' => [
            function () {
                $bytes = (string) file_get_contents(Pictures::jpeg());
                $frame = (int) strpos($bytes, "\xFF\xC0");

                return Pictures::file(substr_replace($bytes, pack('nn', 65000, 65000), $frame + 5, 4));
            },
            '65000 × 65000',
        ];
    }

    public function test_a_jpeg_broken_inside_is_found_when_it_is_decoded_and_can_be_replaced(): void
    {
        $world = World::make();
        $bytes = (string) file_get_contents(Pictures::jpeg());
        // Its head and its end mark are in order; most of what lies between is missing.
        $path = Pictures::file(substr($bytes, 0, (int) (strlen($bytes) * 0.6))."\xFF\xD9");
        $frame = app(AddPicture::class)
            ->handle($world->setBrief, $world->student, $path, 'broken.jpg')
            ->frame->refresh();
        if ($frame->state === FrameState::Ready) {
            $this->actingAs($world->student)->put(route('frames.update', $frame), World::form());
            $frame->refresh();
        }

        $this->assertSame(FrameState::Refused, $frame->state);
        $this->assertNotEmpty($frame->problem);
        $this->actingAs($world->student)
            ->get(route('frames.edit', $frame))
            ->assertSee('could not be taken')
            ->assertSee('Choose another picture');
    }

    public function test_no_file_and_a_file_too_large_for_the_server(): void
    {
        $world = World::make();
        $this->actingAs($world->student);

        $this->post(route('frames.store', $world->setBrief), [], ['Accept' => 'application/json'])
            ->assertStatus(422)
            ->assertJson(['message' => 'No picture was chosen.']);
        $tooLarge = new UploadedFile(Pictures::file('x'), 'big.jpg', null, UPLOAD_ERR_INI_SIZE, true);
        $this->post(
            route('frames.store', $world->setBrief),
            ['pictures' => [$tooLarge]],
            ['Accept' => 'application/json'],
        )
            ->assertStatus(422)
            ->assertJsonPath('message', fn (string $message) => str_contains($message, '64 MB'));
    }

    #[DataProvider('wrongForms')]
    public function test_a_wrong_form_says_what_and_keeps_what_was_typed(array $changes, string $says): void
    {
        Queue::fake();
        $world = World::make();
        $frame = app(AddPicture::class)->handle($world->setBrief, $world->student, Pictures::jpeg(), 'pot.jpg')->frame;
        $frame->update(['state' => FrameState::Ready, 'tags' => [], 'width' => 600, 'height' => 400]);

        $this->actingAs($world->student)
            ->from(route('frames.edit', $frame))
            ->followingRedirects()
            ->put(route('frames.update', $frame), World::form(['about' => 'Words that must not be lost', ...$changes]))
            ->assertSee($says)
            ->assertSee('Words that must not be lost');
        $this->assertSame(0, $frame->fresh()->revision);
        Queue::assertNotPushed(JudgeFrame::class);
    }

    public static function wrongForms(): array
    {
        return [
            'a shutter nobody can read' => [['stated' => ['exposureTime' => 'quite fast']], 'quite fast'],
            'an f-number of zero' => [['stated' => ['fNumber' => '0']], 'f-number'],
            'a support that is none' => [['stated' => ['support' => 'balloon']], 'balloon'],
            'no rectangle' => [
                ['subject' => ['x' => '', 'y' => '', 'width' => '', 'height' => '']],
                'Draw a rectangle',
            ],
            'a rectangle that is a slip' => [['subject' => ['width' => '0.1']], 'Draw a rectangle'],
            'a rectangle beyond the edge' => [['subject' => ['x' => '120']], 'inside the picture'],
            'a subject the brief does not have' => [['placement_id' => 'green'], 'placement id'],
        ];
    }

    public function test_what_a_stripped_file_lacks_is_asked_for_and_then_used(): void
    {
        $world = World::make();
        $bare = Pictures::path('jpg');
        $image = imagecreatetruecolor(300, 200);
        imagefill($image, 0, 0, (int) imagecolorallocate($image, 176, 176, 176));
        imagejpeg($image, $bare, 95);
        $frame = app(AddPicture::class)
            ->handle($world->setBrief, $world->student, $bare, 'stripped.jpg')
            ->frame->refresh();

        $this->actingAs($world->student)
            ->get(route('frames.edit', $frame))
            ->assertMarkup('stated[fNumber]')
            ->assertMarkup('stated[mode]');
        $this->put(
            route('frames.update', $frame),
            World::form([
                'stated' => [
                    'fNumber' => 'f/8',
                    'exposureTime' => '1/125',
                    'iso' => 'ISO 200',
                    'mode' => 'manual',
                    'focalLength' => '50 mm',
                    'focalLength35' => '75',
                ],
            ]),
        )->assertRedirect();
        $record = $frame->fresh()->record();

        $this->assertSame('ƒ/8, 1/125 s, ISO 200', (string) $record->settings());
        $this->assertSame('student', $record->sourceOf('iso')->value);
        $this->assertNotNull(app(FrameSituation::class)->asMeasured($frame->fresh())?->ledger());
    }

    public function test_where_a_picture_comes_from_is_said_with_what_its_record_cannot_tell(): void
    {
        $world = World::make();
        $frame = $world->prepared(Pictures::jpeg(record: Pictures::record(5.6, 1 / 8)));
        $rules = fn (): array => $frame->refresh()->findings->where('current', true)->pluck('rule_id')->all();
        $this->assertContains('movement.hand-held-too-long', $rules());
        $this->actingAs($world->student);
        $this->get(route('frames.edit', $frame))
            ->assertSee('a camera that somebody used')
            ->assertDontSee('nobody holds the camera');
        $this->put(route('frames.update', $frame), World::form(['stated' => ['origin' => 'kite']]))
            ->assertSessionHasErrors('stated.origin');
        $this->put(route('frames.update', $frame), World::form(['stated' => ['origin' => 'aerial']]))
            ->assertSessionHasNoErrors();
        $this->get(route('frames.edit', $frame))->assertSee('nobody holds the camera');
        $this->assertNotContains('movement.hand-held-too-long', $rules());
        $this->assertNull($frame->record()?->support);
    }

    public function test_no_second_attempt_while_the_first_is_not_back(): void
    {
        $world = World::make();
        $world->handedIn();
        $this->actingAs($world->student)
            ->post(
                route('frames.store', $world->setBrief),
                ['pictures' => [World::upload(Pictures::jpeg(mark: 9))]],
                ['Accept' => 'application/json'],
            )
            ->assertStatus(422)
            ->assertJsonPath('message', fn (string $message) => str_contains($message, 'Attempt 1 is waiting'));
    }

    public function test_marks_wait_for_the_reading_and_end_with_the_hand_in(): void
    {
        $world = World::make();
        $frame = $world->prepared();
        $this->actingAs($world->student);
        $frame->update(['state' => FrameState::Reading, 'tags' => null]);
        $this->put(route('frames.update', $frame), World::form())
            ->assertSessionHas('problem', fn (string $says) => str_contains($says, 'has not been read'))
            ->assertSessionHasInput('about');
        $this->assertSame(FrameState::Reading, $frame->fresh()->state);

        $handedIn = $world->handedIn(student: $world->neighbour)->frames->first();
        $before = $handedIn->revision;
        $this->actingAs($world->neighbour)
            ->put(route('frames.update', $handedIn), World::form())
            ->assertSessionHas('problem', fn (string $says) => str_contains($says, 'handed in'));
        $this->assertSame($before, $handedIn->fresh()->revision);
    }

    public function test_an_older_job_never_overwrites_newer_marks(): void
    {
        $world = World::make();
        $frame = $world->prepared();
        $checks = $frame->checks;
        $frame->update(['revision' => $frame->revision + 1, 'state' => FrameState::Judging]);
        JudgeFrame::dispatchSync($frame->id, $frame->revision - 1);

        $this->assertSame(FrameState::Judging, $frame->fresh()->state);
        $this->assertEquals($checks, $frame->fresh()->checks);
    }

    public function test_judging_again_keeps_what_was_decided(): void
    {
        $world = World::make();
        $frame = $world->prepared(Pictures::jpeg(patch: 118));
        $finding = $frame->findings()->where('rule_id', 'exposure.meter-fooled')->sole();
        $finding->update(['decision' => Decision::Reworded, 'wording' => 'A touch dark.']);
        JudgeFrame::dispatchSync($frame->id, $frame->revision);

        $this->assertSame('A touch dark.', $finding->fresh()->sentence());
        $this->assertTrue($finding->fresh()->current);
        $this->assertSame(1, $frame->findings()->where('rule_id', 'exposure.meter-fooled')->count());
    }

    public function test_an_expired_form_comes_back_with_what_was_typed(): void
    {
        $world = World::make();
        $frame = $world->prepared();
        // The framework's own check is off in tests; what it throws is what matters here.
        $this->app->make(Kernel::class)->appendMiddlewareToGroup('web', ThrowsExpired::class);

        $this->actingAs($world->student)
            ->from(route('frames.edit', $frame))
            ->put(route('frames.update', $frame), World::form(['about' => 'Long thoughts']))
            ->assertRedirect(route('frames.edit', $frame))
            ->assertSessionHas('problem')
            ->assertSessionHasInput('about', 'Long thoughts');
    }

    public function test_the_shown_picture_carries_no_metadata(): void
    {
        $world = World::make();
        $frame = $world->prepared();
        $copy = app(PictureStore::class)->workingCopy($frame->picture);

        $this->assertFalse(@exif_read_data($copy)['Make'] ?? false);
        $this->actingAs($world->student)
            ->get(route('frames.picture', $frame))
            ->assertOk()
            ->assertHeader('Content-Type', 'image/jpeg');
    }
}
