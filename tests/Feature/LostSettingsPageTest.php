<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Frame;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\Support\Pictures;
use Tests\Support\World;
use Tests\TestCase;
use TruePupil\Core\Capture\CaptureRecord;

/** A picture whose settings were lost on the way: told once, by file and field, with a way out. */
final class LostSettingsPageTest extends TestCase
{
    use RefreshDatabase;

    public function test_it_is_named_with_its_fields_and_another_file_can_take_its_place(): void
    {
        $world = World::make();
        $frame = $world->prepared(Pictures::jpeg(record: new CaptureRecord()));
        $page = route('frames.edit', $frame);
        $told = 'We could not read';
        $this->actingAs($world->student)->get($page)->assertOk()
            ->assertSeeText($told)->assertSeeText($frame->original_name.'.')
            ->assertSeeText('Send the original file if you have it.')
            ->assertSeeText('Send another file instead')
            ->assertSee('id="stated-fNumber"', escape: false)
            ->assertSee('id="stated-exposureTime"', escape: false);

        // Of a file that has its settings nothing is asked.
        $whole = $world->prepared(Pictures::jpeg(), $world->neighbour);
        $this->actingAs($world->neighbour)->get(route('frames.edit', $whole))->assertOk()->assertDontSeeText($told);

        $this->actingAs($world->student)->delete(route('frames.destroy', $frame))
            ->assertRedirect(route('attempts.show', $frame->attempt_id));
        $this->get(route('attempts.show', $frame->attempt_id))->assertOk()->assertSeeText('No frame yet.');
        $this->assertNull(Frame::query()->find($frame->id));
    }
}
