<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Critique\MeasureAndJudge;
use App\HandIn\PictureReadings;
use App\HandIn\PictureStore;
use App\HandIn\WorkingCopies;
use App\Imaging\FrameMeasurer;
use App\Imaging\Meanwhile;
use App\Imaging\PixelEngine;
use App\Imaging\ReadingFile;
use App\Models\Frame;
use App\View\Presenters\GlanceWords;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\File;
use Illuminate\Testing\TestResponse;
use Tests\Support\Pictures;
use Tests\Support\World;
use Tests\TestCase;
use TruePupil\Core\Composition\Mark;
use TruePupil\Core\Composition\MarkKind;
use TruePupil\Core\Composition\Marks;
use TruePupil\Core\Composition\Region;

/** A picture is decoded once, on arrival; whatever is marked later is told from what was read then. */
final class PictureReadingsTest extends TestCase
{
    use RefreshDatabase;

    private object $decodes;

    protected function setUp(): void
    {
        parent::setUp();
        $engine = app(PixelEngine::class);
        $this->decodes = new class($engine) implements PixelEngine
        {
            public int $count = 0;

            public function __construct(private readonly PixelEngine $engine)
            {
            }

            public function workingCopy(string $source, string $target, int $side): void
            {
                $this->count++;
                $this->engine->workingCopy($source, $target, $side);
            }

            public function read(
                string $source,
                string $reading,
                ?string $workingCopy = null,
                ?int $side = null,
                ?Meanwhile $meanwhile = null,
            ): void {
                $this->count++;
                $this->engine->read($source, $reading, $workingCopy, $side, $meanwhile);
            }
        };
        $this->app->instance(PixelEngine::class, $this->decodes);
        $this->app->forgetInstance(WorkingCopies::class);
    }

    public function test_one_decode_serves_hand_in_and_every_change_of_a_mark(): void
    {
        $world = World::make();
        $frame = $world->prepared(Pictures::jpeg(patch: 180, ground: 60));
        $this->assertSame(1, $this->decodes->count, 'copy, reading, proposal and judgement');
        // Gone, as with a store that is away: nothing asks for it.
        File::delete(app(PictureStore::class)->original($frame->picture));
        $place = fn (Frame $frame): ?float => $frame->fresh()?->measures?->subject?->tone->meanStops;
        $before = $place($frame);
        $this->actingAs($world->student)
            ->put(route('frames.update', $frame), World::form([
                'subject' => ['x' => '2', 'y' => '2', 'width' => '20', 'height' => '20'],
            ]))
            ->assertSessionHasNoErrors();
        $this->assertNotEqualsWithDelta($before, $place($frame), 1.0);
        $this->actingAs($world->student)
            ->get(route('frames.spot', [$frame, 'x' => 50, 'y' => 50]))
            ->assertOk();
        $frame->refresh();
        app(MeasureAndJudge::class)->handle($frame->id, $frame->revision);
        $this->artisan('pupil:remeasure', ['--all' => true])->assertSuccessful();
        $this->assertSame(1, $this->decodes->count);
    }

    public function test_a_subject_is_told_while_it_is_drawn_and_nothing_of_it_is_kept(): void
    {
        $world = World::make();
        $frame = $world->prepared(Pictures::jpeg(patch: 180, ground: 60, mark: 77));
        $stored = $frame->fresh()?->getAttributes();
        $this->actingAs($world->student);
        $ask = fn (array $more): TestResponse => $this->get(
            route('frames.glance', [$frame, 'x' => 42, 'y' => 32, 'width' => 16, 'height' => 36, ...$more]),
        );

        // The patch lies 1⅓ stops above mid-grey, where a white subject belongs; the ground two and a third below.
        $ask(['placement' => 'white'])
            ->assertOk()
            ->assertSee('1⅓ stops above mid-grey')
            ->assertSee('where +1⅓ is wanted')
            ->assertSee('nothing lost')
            ->assertMarkup('check-met');
        $this->assertSame(['under 1 %', 'under 1 %', 'about 1 %', 'about 1 %', 'about 2 %', 'about 100 %'], array_map(
            GlanceWords::share(...),
            [0.06, 0.99, 1.0, 1.49, 1.5, 100.0],
        ));
        $ask(['x' => 2, 'width' => 30, 'placement' => 'white'])
            ->assertSee('below mid-grey')
            ->assertMarkup('check-missed')
            ->assertSee('too plain to tell');
        // Which subject it is has not been said: no place is wanted.
        $ask([])->assertDontSee('is wanted');
        $ask(['width' => 0])->assertInvalid('width');
        $ask(['x' => 120])->assertInvalid('x');
        $this->assertSame($stored, $frame->fresh()?->getAttributes());
        $this->assertSame(1, $this->decodes->count);

        // Fewer samples say nearly the same as all of them.
        $measured = app(PictureReadings::class)->measured($frame->picture);
        $region = Region::of(0.3, 0.25, 0.4, 0.5);
        [$glance, $whole] = [$measured->glance($region), $measured->with(new Marks($region))];
        $this->assertEqualsWithDelta($whole->subject?->tone->meanStops, $glance->subject?->tone->meanStops, 0.05);
        $this->assertEquals(
            [$whole->focus?->sharpest, $whole->focus?->sharpness],
            [$glance->focus?->sharpest, $glance->focus?->sharpness],
        );
    }

    public function test_what_is_kept_says_the_same_as_a_fresh_look(): void
    {
        $world = World::make();
        $path = Pictures::jpeg(patch: 180, ground: 60);
        $picture = $world->prepared($path)->picture;
        $marks = new Marks(Region::of(0.3, 0.3, 0.4, 0.4), [Mark::of(MarkKind::Eye, [[0.5, 0.5]])]);
        // The first time it is worked out, the second time it comes from the file.
        $kept = app(PictureReadings::class)->measured($picture)->with($marks)->toArray();
        $fresh = app(FrameMeasurer::class)->measure($path, $marks)->toArray();
        $this->assertEqualsWithDelta($fresh, $kept, 1e-3);
        $this->assertArrayHasKey('subject', $kept);
    }

    public function test_what_is_lost_or_damaged_is_made_anew(): void
    {
        $world = World::make();
        $picture = $world->prepared(Pictures::jpeg())->picture;
        $readings = app(PictureReadings::class);
        $path = app(PictureStore::class)->reading($picture) ?? $this->fail('it was read on arrival');
        $whole = (string) file_get_contents($path);
        $older = str_replace('"version":'.ReadingFile::VERSION, '"version":0', $whole);
        $this->assertNotSame($whole, $older);
        foreach (['', "no reading\n", substr($whole, 0, 900), $older] as $bad) {
            File::put($path, $bad);
            $this->assertSame(Pictures::WIDTH, $readings->of($picture)->width);
            $this->assertSame($whole, file_get_contents($path));
        }
        File::delete($path);
        $measures = app(PictureStore::class)->measuresMade(
            $picture,
            (int) config('pupil.rules_version'),
            fn () => null,
        );
        File::put($measures, 'damaged');
        $this->assertNotNull($readings->measured($picture)->plain->focus);
        $this->assertNotNull(app(PictureStore::class)->reading($picture));
    }
}
