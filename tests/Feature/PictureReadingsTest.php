<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Critique\MeasureAndJudge;
use App\HandIn\PictureReadings;
use App\HandIn\PictureStore;
use App\HandIn\WorkingCopies;
use App\Imaging\FrameMeasurer;
use App\Imaging\PixelEngine;
use App\Models\Frame;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\File;
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
            ): void {
                $this->count++;
                $this->engine->read($source, $reading, $workingCopy, $side);
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
        $older = str_replace('"version":1', '"version":0', $whole);
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
