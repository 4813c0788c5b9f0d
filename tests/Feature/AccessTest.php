<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\AttemptState;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Routing\Route as RouteDefinition;
use Illuminate\Support\Facades\Route;
use Tests\Support\World;
use Tests\TestCase;

final class AccessTest extends TestCase
{
    use RefreshDatabase;

    /** Open to everybody, or to everybody who has signed in. */
    private const WITHOUT_POLICY = [
        'health',
        'readyz',
        'metrics',
        'sign-in',
        'join',
        'sign-in/code',
        'sign-in.code',
        'account/factor',
        'account.factor',
        'account.take-password',
        'account.stop-password',
        'start',
        'sign-out',
        'home',
        'sight',
        'bench',
        'bench.show',
        'kit.edit',
        'kit.update',
        'kit.start',
        'kit.from-picture',
        'kit.table',
        'kit.table.import',
        'kit.body',
        'kit.from-frame',
        'banks',
        'banks.print',
        'banks.create',
        'banks.store',
        'film',
        'film.create',
        'film.store',
        'film.take',
        'first-settings',
        'first-settings.update',
        // One's own account, and what leads to it: by a signed link, or telling a stranger nothing.
        'forgotten',
        'password.forgotten',
        'password.reset',
        'password.update',
        'address.confirm',
        'confirm/{user}/{address}',
        'password.by-hand',
        'set-password/{user}/{was}',
        'claim',
        'claim/{user}/{mark}',
        'kept',
        'letterbox',
        'words',
        'words.show',
        'account',
        'account.update',
        'account.address',
        'account.confirm',
        'account.password',
        'account.notices',
        'account.devices',
        'account.destroy',
        'account.keep',
        'account.takeout',
        'notices',
        'notices.read',
        'notices.seen',
        'notices.open',
        // Scenes and drills are everybody's; a roll is asked for by whoever is signed in and shows nobody else's.
        'practice',
        'practice.show',
        'practice.patterns',
        'practice.press',
        'roll',
        'roll.compare',
        // One's own sentences; a single one asks its policy.
        'phrases',
        'phrases.store',
        // What this is, for whoever has not signed in; one's own courses otherwise.
        'home',
        'lessons',
        'lessons.show',
        'drills',
        'drills.next',
        'drills.show',
        'drills.answer',
        'drills.picture',
    ];

    public function test_every_route_asks_who_it_is_and_a_policy(): void
    {
        $seen = 0;
        /** @var RouteDefinition $route */
        foreach (Route::getRoutes() as $route) {
            $uri = $route->uri();
            if (
                in_array($route->getName() ?? $uri, self::WITHOUT_POLICY, true) ||
                in_array($uri, self::WITHOUT_POLICY, true)
            ) {
                continue;
            }
            $middleware = implode(' ', $route->gatherMiddleware());
            $this->assertStringContainsString('auth', $middleware, $uri);
            $this->assertMatchesRegularExpression('/Authorize:|can:/', $middleware, $uri);
            $seen++;
        }
        $this->assertGreaterThan(12, $seen);
    }

    public function test_guests_are_sent_to_sign_in_and_partial_requests_are_told(): void
    {
        $world = World::make();

        $this->get(route('courses.show', $world->course))->assertRedirect(route('sign-in'));
        $this->get(route('courses.show', $world->course), ['HX-Request' => 'true'])->assertStatus(401);
    }

    public function test_who_may_see_what(): void
    {
        $world = World::make();
        $attempt = $world->handedIn();
        $frame = $attempt->frames->first();
        $allowed = [
            route('courses.show', $world->course) => ['instructor', 'critic', 'student', 'neighbour'],
            route('set-briefs.create', $world->course) => ['instructor'],
            route('set-briefs.show', $world->setBrief) => ['instructor', 'critic', 'student', 'neighbour'],
            route('frames.edit', $frame) => ['student'],
            route('frames.picture', $frame) => ['student', 'instructor', 'critic'],
            route('desk.show', $attempt) => ['critic', 'instructor'],
            route('attempts.return', $attempt) => [],
        ];
        foreach ($allowed as $url => $people) {
            foreach (['critic', 'student', 'neighbour', 'outsider', 'instructor'] as $person) {
                $this->actingAs($world->$person)
                    ->get($url)
                    ->assertStatus(in_array($person, $people, true) ? 200 : 403);
            }
        }
    }

    public function test_what_is_being_prepared_is_nobody_else_s(): void
    {
        $world = World::make();
        $frame = $world->prepared();

        $this->assertSame(AttemptState::Draft, $frame->attempt->state);
        foreach (['instructor', 'critic', 'neighbour'] as $person) {
            $this->actingAs($world->$person)->get(route('frames.picture', $frame))->assertForbidden();
            $this->actingAs($world->$person)->get(route('desk.show', $frame->attempt))->assertForbidden();
        }
    }

    public function test_pages_may_not_be_framed_and_run_only_our_own_scripts(): void
    {
        $response = $this->get('/sign-in');

        $this->assertStringContainsString(
            "default-src 'self'",
            (string) $response->headers->get('Content-Security-Policy'),
        );
        $this->assertStringContainsString(
            "frame-ancestors 'none'",
            (string) $response->headers->get('Content-Security-Policy'),
        );
        $this->assertStringContainsString('no-store', (string) $response->headers->get('Cache-Control'));
    }
}
