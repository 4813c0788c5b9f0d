<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Critique\JudgeAgain;
use App\Critique\KeepSuggestion;
use App\Models\Frame;
use App\Models\User;
use App\Practice\CameraSetups;
use App\Practice\Scene;
use App\Practice\Shot;
use App\Practice\ShotInput;
use App\Practice\ShotNote;
use App\Practice\Shutter;
use DateTimeImmutable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\File;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\Pictures;
use Tests\Support\World;
use Tests\TestCase;
use TruePupil\Core\Adviser\SuggestedEffect;
use TruePupil\Core\Adviser\SuggestedExposure;
use TruePupil\Core\Adviser\SuggestedLens;
use TruePupil\Core\Adviser\Suggestion;
use TruePupil\Core\Intent\IntendedDistances;
use TruePupil\Core\Intent\Intent;

/** Suggestions in the instructor's own values, and how the same moment of the practice camera would look with them. */
final class SuggestionTest extends TestCase
{
    use RefreshDatabase;

    private const HTMX = ['HX-Request' => 'true'];

    public function test_one_value_is_changed_and_another_follows(): void
    {
        $world = World::make();
        $frame = $world->handedIn(Pictures::jpeg(patch: 118))->frames->first();
        $first = $frame->chosenSuggestion();
        $this->assertNotNull($first);

        $sheet = $this->actingAs($world->instructor)
            ->get(route('suggestions.edit', $frame))
            ->assertOk()
            ->assertSee('Follows the light')
            ->assertSee('Exposure map')
            ->assertSee('set by hand at');
        $sheet->assertSee((string) $first->exposure->settings);
        // Two stops smaller, the rest as it was: the time is four times as long.
        $smaller = $this->get(
            route('suggestions.edit', [
                $frame,
                'n' => 2 * $first->exposure->settings->aperture->exact,
                't' => $first->exposure->settings->time->exact,
                'iso' => $first->exposure->settings->iso->exact,
                'follows' => 'time',
            ]),
            [...self::HTMX, 'HX-Trigger-Name' => 'n'],
        )->assertOk();
        $this->assertMatchesRegularExpression(
            '~<option value="'.
                preg_quote((string) round(4 * $first->exposure->settings->time->exact, 8), '~').
                '"\s+selected~',
            $smaller->content(),
        );
        // The slider opens the aperture as far as the near eye alone needs, and is not there without a distance.
        $smaller->assertDontSee('How much of it is sharp?');
        $frame->update(['intent' => new Intent(distances: new IntendedDistances(subject: 1.0))]);
        $kept = fn (int $at): TestResponse => $this->get(
            route('suggestions.edit', [$frame, 'kept' => $at, 'follows' => 'time']),
            [...self::HTMX, 'HX-Trigger-Name' => 'kept'],
        )->assertOk();
        $kept(0)->assertSee('How much of it is sharp?')
            ->assertSeeInOrder(['<output>', 'the near eye', '</output>'], false);
        $kept(3)->assertSeeInOrder(['<output>', 'everything', '</output>'], false);
        // Who sets the time by hand does not want it to follow.
        $this->get(
            route('suggestions.edit', [
                $frame,
                't' => $first->exposure->settings->time->exact / 2,
                'follows' => 'time',
            ]),
            [...self::HTMX, 'HX-Trigger-Name' => 't'],
        )
            ->assertOk()
            ->assertMarkup('<option value="iso" selected');
    }

    public function test_an_own_suggestion_goes_with_the_return_and_outlives_a_new_analysis(): void
    {
        $world = World::make();
        $attempt = $world->handedIn(Pictures::jpeg(patch: 118));
        $frame = $attempt->frames->first();
        $computed = $frame->suggestions;
        $wanted = ['n' => 11, 't' => 1 / 60, 'iso' => 400, 'follows' => 'time', 'support' => 'tripod'];

        $answer = $this->actingAs($world->instructor)
            ->put(route('suggestions.update', $frame), $wanted, self::HTMX)
            ->assertOk()
            ->assertSee('it is chosen below');
        $this->assertStringContainsString('hx-swap-oob="true"', $answer->content());
        $frame->refresh();
        $this->assertEquals($computed, $frame->suggestions, 'what was worked out stays');
        $this->assertSame('ƒ/11', 'ƒ/'.$frame->chosenSuggestion()->exposure->settings->aperture->nominal());

        $this->assertTrue(app(JudgeAgain::class)->handle(tap($frame)->update(['state' => 'ready'])));
        $this->assertSame(11.0, (float) $frame->refresh()->chosenSuggestion()->exposure->settings->aperture->nominal());

        $this->post(route('desk.publish', $attempt), ['suggestion' => [$frame->id => Frame::INSTRUCTOR_SUGGESTION]]);
        $this->actingAs($world->student)
            ->get(route('attempts.return', $attempt))
            ->assertOk()
            ->assertSee('The instructor\'s own: '.$frame->chosenSuggestion()->exposure->settings);
        $this->actingAs($world->instructor)
            ->put(route('suggestions.update', $frame), $wanted, self::HTMX)
            ->assertStatus(409);
    }

    public function test_a_suggestion_that_somebody_kept_meanwhile_is_not_written_over_unseen(): void
    {
        $world = World::make();
        $frame = $world->handedIn(Pictures::jpeg(patch: 118))->frames->first();
        $began = KeepSuggestion::mark($frame);
        $keep = fn (float $n, string $on) => $this->actingAs($world->instructor)->put(
            route('suggestions.update', $frame),
            ['n' => $n, 't' => 1 / 60, 'iso' => 400, 'follows' => 'time', 'on' => $on],
            self::HTMX,
        );
        $keep(11, $began)->assertOk();
        $there = $frame->refresh()->instructor_suggestion;
        $second = $keep(5.6, $began)->assertStatus(409)->assertSee('Another suggestion was kept')->assertSee('ƒ/11');
        $this->assertEquals($there, $frame->refresh()->instructor_suggestion);
        $this->assertStringContainsString('value="'.KeepSuggestion::mark($frame).'"', $second->content());
        // Who has seen the other may go on.
        $keep(5.6, KeepSuggestion::mark($frame->refresh()))->assertOk();
        $this->assertSame(5.6, $frame->refresh()->instructor_suggestion?->exposure->settings->aperture->nominal());
        // A page that only shows what was chosen before chooses nothing back.
        $draft = fn (int $number, int $was) => $this->put(
            route('desk.update', $frame->attempt),
            ['suggestion' => [$frame->id => $number], 'suggestion_was' => [$frame->id => $was]],
            self::HTMX,
        )->assertOk()->assertSee('suggestion-was-'.$frame->id);
        $draft(0, 0);
        $this->assertSame(Frame::INSTRUCTOR_SUGGESTION, $frame->refresh()->chosen_suggestion);
        $draft(0, Frame::INSTRUCTOR_SUGGESTION);
        $this->assertSame(0, $frame->refresh()->chosen_suggestion);
    }

    public function test_a_frame_without_light_says_why_nothing_follows(): void
    {
        $world = World::make();
        $frame = $world
            ->handedIn(
                Pictures::drawn(
                    fn (\GdImage $image) => imagefill($image, 0, 0, (int) imagecolorallocate($image, 90, 90, 90)),
                ),
            )
            ->frames->first();
        $this->actingAs($world->instructor)
            ->get(route('suggestions.edit', $frame))
            ->assertOk()
            ->assertSee('is not known');
        $this->put(route('suggestions.update', $frame), ['n' => 8], self::HTMX)->assertStatus(422);
        $this->assertNull($frame->refresh()->instructor_suggestion);
    }

    public function test_a_frame_of_the_practice_camera_is_shown_at_the_suggested_settings(): void
    {
        $world = World::make();
        $dark = $this->shot(['n' => '8', 't' => '1/125', 'iso' => '100']);
        $frame = $this->handIn($world, $dark);
        $frame->update([
            'instructor_suggestion' => $this->suggestion(8, 1 / 15, 100),
            'chosen_suggestion' => Frame::INSTRUCTOR_SUGGESTION,
        ]);

        $picture = $this->actingAs($world->instructor)
            ->get(route('frames.retaken', [$frame, Frame::INSTRUCTOR_SUGGESTION]))
            ->assertOk()
            ->assertHeader('Content-Type', 'image/jpeg');
        [$before, $after] = array_map($this->brightness(...), [
            (string) file_get_contents(app(\App\HandIn\PictureStore::class)->workingCopy($frame->picture)),
            $picture->content(),
        ]);
        $this->assertEqualsWithDelta(3.0, log($after / $before, 2), 0.25, 'three stops longer, three stops brighter');
        [$width, $height] = getimagesizefromstring($picture->content()) ?: [0, 0];
        $this->assertSame([1200, 800], [$width, $height]);

        $this->get(route('desk.show', $frame->attempt))->assertOk()->assertSee('The same moment at these settings');
        $this->get(route('frames.retaken', [$frame, 7]))->assertNotFound();
        $this->actingAs($world->student)
            ->get(route('frames.retaken', [$frame, Frame::INSTRUCTOR_SUGGESTION]))
            ->assertNotFound();
        $frame->attempt->update(['state' => 'returned']);
        $this->actingAs($world->student->refresh())
            ->get(route('frames.retaken', [$frame, Frame::INSTRUCTOR_SUGGESTION]))
            ->assertOk();
        $this->actingAs(
            User::query()->create([
                'name' => 'Somebody',
                'email' => 'somebody@kilnyard.example',
                'password' => 'eight-evenings',
            ]),
        )
            ->get(route('frames.retaken', [$frame, Frame::INSTRUCTOR_SUGGESTION]))
            ->assertForbidden();
    }

    public function test_what_no_lens_of_the_scene_can_show_is_not_offered(): void
    {
        $world = World::make();
        $frame = $this->handIn($world, $this->shot([]));
        $frame->update([
            'instructor_suggestion' => $this->suggestion(8, 1 / 15, 100, 'A lens of somebody else'),
            'chosen_suggestion' => Frame::INSTRUCTOR_SUGGESTION,
        ]);
        $this->actingAs($world->instructor)
            ->get(route('frames.retaken', [$frame, Frame::INSTRUCTOR_SUGGESTION]))
            ->assertNotFound();
        $this->get(route('desk.show', $frame->attempt))->assertOk()->assertDontSee('The same moment at these settings');

        $world->setBrief->attempts()->update(['state' => 'returned']);
        $ordinary = $world->handedIn(Pictures::jpeg(patch: 90))->frames->first();
        $this->get(route('frames.retaken', [$ordinary, 0]))->assertNotFound();
    }

    /** @return iterable<string, array{array<string, string>}> */
    public static function shots(): iterable
    {
        yield 'plain' => [['n' => '5.6', 't' => '1/60']];
        yield 'everything else' => [
            [
                'mode' => 'shutter',
                't' => '1/30',
                'iso' => '800',
                'compensation' => '-0.667',
                'graduated' => '2',
                'filter' => '3',
                'kelvin' => '4200',
                'support' => 'tripod',
                'stabiliser' => 'off',
                'px' => '0.3',
                'focus' => '2.5',
                'moment' => '4',
                'held' => '9.5',
                'seed' => '77',
            ],
        ];
    }

    /** @param  array<string, string>  $texts */
    #[DataProvider('shots')]
    public function test_a_note_of_a_shot_gives_the_same_shot(array $texts): void
    {
        $shot = $this->shot($texts);
        $note = ShotNote::write($shot);
        $again = ShotNote::read((array) json_decode((string) json_encode($note), true));

        $this->assertEquals($note, ShotNote::write($again));
        $this->assertEquals($shot->scene, $again->scene);
        $this->assertEqualsWithDelta($shot->setup->focalLength35(), $again->setup->focalLength35(), 1e-9);
    }

    /** @param  array<string, string>  $texts */
    private function shot(array $texts): Shot
    {
        return (new ShotInput(['mode' => 'manual', 'support' => 'tripod', ...$texts]))->shot(
            Scene::find('pots'),
            CameraSetups::ofDemo(),
            new DateTimeImmutable('2026-10-06 19:12:00'),
        );
    }

    private function handIn(World $world, Shot $shot): Frame
    {
        $path = storage_path('scratch/'.bin2hex(random_bytes(6)).'.jpg');
        File::ensureDirectoryExists(dirname($path));
        app(Shutter::class)->press($shot, $path);
        ShotNote::remember($path, $shot);

        return $world->handedIn($path)->frames->first();
    }

    /** @return array<string, mixed> */
    private function suggestion(float $n, float $t, float $iso, ?string $lens = null): Suggestion
    {
        $settings = new \TruePupil\Core\Exposure\ExposureSettings(
            \TruePupil\Core\Exposure\Aperture::of($n),
            \TruePupil\Core\Exposure\ExposureTime::of($t),
            \TruePupil\Core\Exposure\Iso::of($iso),
        );

        return new Suggestion(
            kind: 'own',
            title: 'Longer',
            exposure: new SuggestedExposure(
                settings: $settings,
                mode: \TruePupil\Core\Kit\ExposureMode::Manual,
                compensation: null,
            ),
            lens: new SuggestedLens(name: $lens, focalLength: null),
            support: null,
            effect: new SuggestedEffect(gains: [], costs: []),
        );
    }

    /** Mean linear light of the middle, which nothing clips. */
    private function brightness(string $jpeg): float
    {
        $image = imagecreatefromstring($jpeg);
        \assert($image !== false);
        $small = imagescale(
            imagecrop($image, [
                'x' => (int) (imagesx($image) * 0.05),
                'y' => (int) (imagesy($image) * 0.85),
                'width' => (int) (imagesx($image) * 0.2),
                'height' => (int) (imagesy($image) * 0.1),
            ]) ?:
            $image,
            8,
            4,
        );
        \assert($small !== false);
        $sum = 0.0;
        for ($at = 0; $at < 32; $at++) {
            $sum += \TruePupil\Core\Tone\Srgb::linear(
                ((imagecolorat($small, $at % 8, intdiv($at, 8)) >> 8) & 255) / 255,
            );
        }

        return $sum / 32;
    }

    public function test_where_nothing_can_be_suggested_the_page_says_what_would_have_to_be_known(): void
    {
        $world = World::make();
        $bare = Pictures::drawn(fn (\GdImage $image) => imagefill($image, 0, 0, 0x101010), 600, 400);
        $frame = $world->prepared($bare);

        $this->actingAs($world->student)
            ->get(route('frames.edit', $frame))
            ->assertOk()
            ->assertSee('cannot be suggested until these are stated above')
            ->assertSee('the aperture, the exposure time, ISO');
        $told = $world->prepared(Pictures::jpeg(patch: 118), $world->neighbour);
        $this->actingAs($world->neighbour)
            ->get(route('frames.edit', $told))
            ->assertOk()
            ->assertDontSee('cannot be suggested');
    }
}
