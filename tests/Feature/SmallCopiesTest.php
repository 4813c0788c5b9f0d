<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\File;
use Tests\Support\DecodesAfresh;
use Tests\Support\World;
use Tests\TestCase;

/** Wherever attempts are listed for whoever critiques, their pictures are seen, small and made once. */
#[DecodesAfresh]
final class SmallCopiesTest extends TestCase
{
    use RefreshDatabase;

    public function test_a_small_copy_is_made_once_and_goes_with_its_picture(): void
    {
        $world = World::make();
        $frame = $world->prepared();
        $this->actingAs($world->student);
        $path = $this->get(route('frames.small', $frame))->assertOk()->baseResponse->getFile()->getPathname();
        [$width, $height] = getimagesize($path) ?: [0, 0];
        $this->assertSame(480, max($width, $height));
        $this->assertEqualsWithDelta($frame->width / $frame->height, $width / $height, 0.01);
        // An earlier test may have made the same picture: what was not used for long is told from what was.
        $made = time();
        touch($path, $made - 30);
        $this->get(route('frames.small', $frame))->assertOk();
        clearstatcache();
        $this->assertSame($made - 30, filemtime($path));
        $this->delete(route('frames.destroy', $frame));
        $this->assertFalse(File::exists($path));
    }

    public function test_what_waits_is_a_contact_sheet(): void
    {
        $world = World::make();
        $frame = $world->handedIn()->frames->first();
        foreach ([route('desk.sheet', $world->setBrief), route('courses.show', $world->course)] as $path) {
            $this->actingAs($world->instructor)
                ->get($path)
                ->assertOk()
                ->assertSee(route('frames.small', $frame))
                ->assertSee('Stu Dent')
                ->assertMarkup('class="verdict-cells"');
        }
    }
}
