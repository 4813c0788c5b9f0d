<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\Support\World;
use Tests\TestCase;

/** The wall, and the phone that turns it. */
final class RemoteTest extends TestCase
{
    use RefreshDatabase;

    public function test_a_press_reaches_the_wall_of_the_same_person_and_no_other(): void
    {
        $world = World::make();
        $wall = fn (string $person): array => $this->actingAs($world->$person)
            ->get(route('patterns.wall', $world->setBrief))->json();
        $this->assertSame(['number' => 0, 'press' => null], $wall('instructor'));
        foreach (['next', 'findings'] as $press) {
            $this->actingAs($world->instructor)
                ->post(route('patterns.press', $world->setBrief), ['press' => $press])
                ->assertRedirect();
        }
        $this->post(route('patterns.press', $world->setBrief), ['press' => 'delete'])->assertSessionHasErrors('press');
        $this->assertSame(['number' => 2, 'press' => 'findings'], $wall('instructor'));
        $this->assertSame(['number' => 0, 'press' => null], $wall('critic'));
        $this->get(route('patterns.remote', $world->setBrief))->assertOk()->assertSee('Further');
    }

    public function test_only_what_its_owner_shows_is_on_the_wall_and_nobody_is_named(): void
    {
        $world = World::make();
        $attempt = $world->handedIn();
        $picture = route('frames.picture', $attempt->frames->first());
        $pages = function () use ($world): string {
            $all = '';
            foreach (range(1, 6) as $at) {
                $all .= $this->actingAs($world->instructor)
                    ->get(route('patterns.project', ['setBrief' => $world->setBrief, 'at' => $at]))
                    ->assertOk()
                    ->assertDontSee('Stu Dent')
                    ->getContent();
            }

            return $all;
        };
        $this->assertStringNotContainsString($picture, $pages());
        $attempt->update(['may_show' => true]);
        $this->assertStringContainsString('class="wall-picture"', $shown = $pages());
        $this->assertStringContainsString($picture, $shown);
    }
}
