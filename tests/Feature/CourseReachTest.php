<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Kits\StarterKit;
use App\Models\Role;
use App\Models\User;
use App\Planning\CourseReach;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\Core\Briefs;
use Tests\Support\World;
use Tests\TestCase;
use TruePupil\Core\Plan\LightCondition;

/** Before a brief is set: whose kits could meet it, by number and by reason. */
final class CourseReachTest extends TestCase
{
    use RefreshDatabase;

    private const CAMERA = [
        'body' => ['name' => 'A body', 'format' => '23.5x15.6', 'isoMax' => 12800],
        'lenses' => [['name' => 'zoom', 'minFocal' => 18, 'maxFocal' => 55, 'widestAtMin' => 3.5,
            'widestAtMax' => 5.6, 'smallest' => 22]],
        'supports' => ['hand'],
    ];

    public function test_kits_are_counted_with_the_reason_why_one_cannot(): void
    {
        $world = World::make();
        $this->kit($world, 'one', self::CAMERA);
        $this->kit($world, 'two', StarterKit::Phone->data());
        $this->kit($world, 'three', [...self::CAMERA, 'supports' => ['hand', 'tripod']]);
        $small = Briefs::asking([['measure' => 'record.fNumber', 'comparison' => 'atLeast', 'limit' => 11]]);
        $reach = CourseReach::of($world->course, $small);
        $this->assertSame([2, ['a phone has one aperture' => 1]], [$reach->can, $reach->cannot]);
        $this->assertStringContainsString('2 of 3 kits can meet', implode(' ', $reach->sentences()));
        $this->assertStringContainsString('1 cannot: a phone has one aperture.', implode(' ', $reach->sentences()));
        $this->assertGreaterThan(0, $reach->unknown, 'who has entered none');

        $stands = Briefs::asking([['measure' => 'record.support', 'comparison' => 'oneOf', 'limit' => ['tripod']]]);
        $this->assertSame(
            ['there is no tripod in the kit' => 2],
            CourseReach::of($world->course, $stands)->cannot,
        );
        $by = Briefs::asking([
            ['measure' => 'record.mode', 'comparison' => 'oneOf', 'limit' => ['manual']],
            ['measure' => 'record.iso', 'comparison' => 'atMost', 'limit' => 100],
        ]);
        $cannot = CourseReach::of($world->course, $by)->cannot;
        $this->assertSame(['it chooses its settings by itself' => 1], $cannot);
        // At night ISO 100 needs something to stand on.
        $this->assertSame(1, CourseReach::of($world->course, $by, LightCondition::LitStreet)->can);
    }

    public function test_the_instructor_sees_it_before_setting_the_brief(): void
    {
        $world = World::make();
        $this->kit($world, 'one', self::CAMERA);
        $this->actingAs($world->instructor)
            ->get(route('set-briefs.reach', ['course' => $world->course, 'brief' => 'same-light-three-ways']))
            ->assertOk()
            ->assertSee('Before you set it:')
            ->assertSee('1 of 1 kit can meet what it asks of settings')
            ->assertDontSee('Student one');
        $this->get(route('set-briefs.reach', ['course' => $world->course, 'brief' => 'none']))->assertNotFound();
        $this->actingAs($world->student)
            ->get(route('set-briefs.reach', ['course' => $world->course, 'brief' => 'same-light-three-ways']))
            ->assertForbidden();
    }

    /** @param  array<string, mixed>  $kit */
    private function kit(World $world, string $name, array $kit): void
    {
        $user = User::query()->create([
            'name' => 'Student '.$name,
            'email' => $name.'@kilnyard.example',
            'password' => 'a-long-password',
            'kit' => $kit,
        ]);
        $world->course->memberships()->create(['user_id' => $user->id, 'role' => Role::Student]);
    }
}
