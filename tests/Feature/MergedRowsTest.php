<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Briefs\BriefLibrary;
use App\Models\Attempt;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\Support\Pictures;
use Tests\Support\World;
use Tests\TestCase;

/** Rows brought together where their student and whoever critiques look at them. */
final class MergedRowsTest extends TestCase
{
    use RefreshDatabase;

    public function test_a_bracket_is_merged_in_two_looks_and_says_which_frame_gives_what(): void
    {
        $world = World::make();
        $attempt = $this->attempt($world, 'more-range-than-the-sensor', [[1 / 200, 60], [1 / 50, 118], [1 / 13, 205]]);
        $last = $attempt->frames()->get()->last();
        $this->get(route('attempts.show', $attempt))
            ->assertSeeText('Brought together')
            ->assertSee(route('frames.together', $last));
        $this->get(route('frames.together', $last))
            ->assertOk()
            ->assertSeeText('Of the picture, frame 1 gives')
            ->assertSeeText('the whole range brought into the picture')
            ->assertSee(route('frames.together.picture', [$last, 'even']));
        foreach (['natural', 'even', 'parts'] as $look) {
            $this->get(route('frames.together.picture', [$last, $look]))
                ->assertOk()
                ->assertHeader('Content-Type', 'image/jpeg');
        }
        $this->get('/frames/'.$last->id.'/together/gaudy')->assertNotFound();
        $this->actingAs($world->neighbour)->get(route('frames.together', $last))->assertForbidden();
    }

    public function test_what_is_no_such_row_is_not_brought_together(): void
    {
        $world = World::make();
        $frame = $world->prepared();
        $this->actingAs($world->student)->get(route('frames.together', $frame))->assertNotFound();
        $this->get(route('attempts.show', $frame->attempt))->assertDontSeeText('Brought together');
    }

    public function test_a_panorama_names_the_frame_that_is_missing(): void
    {
        $world = World::make();
        $attempt = $this->attempt($world, 'wider-than-the-lens', [[1 / 60, 40], [1 / 60, 200]]);
        $this->get(route('frames.together', $attempt->frames()->get()->last()))
            ->assertOk()
            ->assertSeeText('Frames 1 and 2 have nothing in common that can be found');
        $this->get(route('frames.together.picture', [$attempt->frames()->get()->last(), 'natural']))->assertNotFound();
    }

    /** @param  list<array{float, int}>  $frames  exposure time and tone */
    private function attempt(World $world, string $brief, array $frames): Attempt
    {
        $setBrief = $world->course->setBriefs()->create([
            'brief_id' => $brief,
            'brief' => app(BriefLibrary::class)->data($brief),
        ]);
        $this->actingAs($world->student);
        foreach ($frames as $index => [$time, $grey]) {
            $this->post(route('frames.store', $setBrief), ['pictures' => [World::upload(
                Pictures::jpeg(patch: $grey, ground: 255 - $grey, record: Pictures::record(t: $time)),
                "frame-$index.jpg",
            )]]);
        }

        return Attempt::query()->where('set_brief_id', $setBrief->id)->sole();
    }
}
