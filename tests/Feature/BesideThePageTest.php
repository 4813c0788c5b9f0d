<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\Support\World;
use Tests\TestCase;

final class BesideThePageTest extends TestCase
{
    use RefreshDatabase;

    public function test_what_a_page_fetches_beside_itself_takes_no_message_away(): void
    {
        $world = World::make();
        $attempt = $world->handedIn();
        $frame = $attempt->frames->first();
        $this->actingAs($world->instructor)->post(route('desk.publish', $attempt), ['summary' => 'Well seen.']);
        foreach (['frames.picture', 'frames.small', 'frames.whole'] as $picture) {
            $this->get(route($picture, $frame))->assertOk();
        }
        $this->post(route('desk.here', $attempt));
        $this->post(route('notices.seen'), ['path' => '/courses']);

        $this->get(route('courses.show', $attempt->setBrief->course_id))->assertSee('Published:');
        $this->get(route('courses.show', $attempt->setBrief->course_id))->assertDontSee('Published:');
    }
}
