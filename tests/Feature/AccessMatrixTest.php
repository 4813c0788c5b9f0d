<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Attempt;
use App\Models\AttemptState;
use App\Models\BriefPicture;
use App\Models\FilmRoll;
use App\Models\Frame;
use App\Models\FrameFinding;
use App\Models\Note;
use App\Models\PasswordRequest;
use App\Models\PasswordWay;
use App\Models\Phrase;
use App\Models\Role;
use App\Models\RollFrame;
use App\Models\RollState;
use App\Models\SettingsBank;
use App\Models\User;
use App\Models\WhatIf;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Routing\Contracts\CallableDispatcher;
use Illuminate\Routing\Contracts\ControllerDispatcher;
use Illuminate\Routing\Middleware\ThrottleRequests;
use Illuminate\Routing\Route as RouteDefinition;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\URL;
use Illuminate\Support\Str;
use LogicException;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\Support\AccessMatrix;
use Tests\Support\World;
use Tests\TestCase;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;

/**
 * Every route, asked by everybody, in every state of the attempt: tests/Support/AccessMatrix.php says who gets past. A
 * route without an entry fails.
 */
final class AccessMatrixTest extends TestCase
{
    use RefreshDatabase;

    /** What stands in an answer of whatever is behind the door. */
    public const PAST = 'X-Past-The-Door';

    /** Parameters of routes that are no model, in words that their routes take. */
    private const WORDS = [
        'job' => '1',
        'address' => 'somebody',
        'was' => 'once',
        'mark' => 'x',
        'token' => 'x',
        'term' => 'aperture',
        'notice' => '9b2f0d5e-0000-4000-8000-000000000000',
        'sheet' => 'dof',
        'kind' => 'expose',
        'scene' => 'bust',
        'level' => '1',
        'seed' => '1',
        'lesson' => 'x',
        'brief' => 'x',
        'look' => 'even',
        'number' => '1',
        'batch' => '9b2f0d5e-0000-4000-8000-000000000001',
    ];

    /** Parameters of routes whose door opens or shuts with the state of an attempt. */
    private const OF_ATTEMPT = ['attempt', 'frame', 'other', 'finding', 'note', 'whatIf'];

    private World $world;

    /** @var array<string, ?User> by role */
    private array $people;

    protected function setUp(): void
    {
        parent::setUp();
        $this->world = World::make();
        $other = World::make('OTHERCDE', 'other');
        $removed = User::query()->create([
            'name' => 'Gone Away',
            'email' => 'gone@kilnyard.example',
            'password' => 'a-long-password',
        ]);
        $this->people = [
            'visitor' => null,
            'owner' => $this->world->student,
            'classmate' => $this->world->neighbour,
            'stranger' => $other->student,
            'removed' => $removed,
            'critic' => $this->world->critic,
            'instructor' => $this->world->instructor,
            'foreign' => $other->instructor,
        ];
    }

    public function test_every_route_has_an_entry_and_every_entry_a_route(): void
    {
        $names = array_map(
            fn (RouteDefinition $route): string => $route->methods()[0].' '.$route->uri(),
            iterator_to_array(Route::getRoutes(), false),
        );
        $this->assertEqualsCanonicalizing(array_values(array_unique($names)), array_keys(AccessMatrix::ROUTES));
    }

    /** @return iterable<string, array{AttemptState}> */
    public static function states(): iterable
    {
        foreach (AttemptState::cases() as $state) {
            yield $state->value => [$state];
        }
    }

    /** Behind the door nothing is done: what a controller does is tested with it. */
    private function onlyTheDoor(): void
    {
        $past = new class() implements CallableDispatcher, ControllerDispatcher
        {
            public function dispatch(RouteDefinition $route, mixed $controller, mixed $method = null): Response
            {
                return new Response('', 204, [AccessMatrixTest::PAST => 'yes']);
            }

            public function getMiddleware(mixed $controller, mixed $method): array
            {
                return [];
            }
        };
        $this->app?->instance(ControllerDispatcher::class, $past);
        $this->app?->instance(CallableDispatcher::class, $past);
        $this->withoutMiddleware(ThrottleRequests::class);
    }

    #[DataProvider('states')]
    public function test_who_gets_past_the_door(AttemptState $state): void
    {
        $this->onlyTheDoor();
        $found = $wanted = [];
        // Somebody who was removed from the course asks for what was once their own.
        $things = ['removed' => $this->things($this->people['removed'], $state)];
        $things += ['owner' => $this->things($this->world->student, $state)];
        foreach (Route::getRoutes() as $route) {
            /** @var RouteDefinition $route */
            // What knows of no attempt is the same in every state.
            if ($state !== AttemptState::Draft && array_intersect($route->parameterNames(), self::OF_ATTEMPT) === []) {
                continue;
            }
            $name = $route->methods()[0].' '.$route->uri();
            $found[$name] = [];
            foreach ($this->people as $role => $person) {
                if ($this->passes($route, $person, $things[$role] ?? $things['owner'])) {
                    $found[$name][] = $role;
                }
            }
            $wanted[$name] = AccessMatrix::passing($name, $state);
        }
        $this->assertEquals($wanted, $found);
    }

    /** @param  array<string, mixed>  $things  by parameter of the route */
    private function passes(RouteDefinition $route, ?User $person, array $things): bool
    {
        $parameters = [];
        foreach ($route->parameterNames() as $name) {
            $parameters[$name] = $things[$name] ?? self::WORDS[$name] ?? null;
            $this->assertNotNull($parameters[$name], $route->uri().' asks for something that this test lacks');
        }
        $this->app?->make('auth')->forgetGuards();
        $person === null ? $this->flushSession() : $this->actingAs($person);
        $address = in_array('signed', $route->gatherMiddleware(), true)
            ? URL::signedRoute(self::named($route), $parameters)
            : URL::toRoute($route, $parameters, true);

        return $this->call($route->methods()[0], $address)->headers->has(self::PAST);
    }

    /** The name of the page where what is sent to this address was asked for. */
    private static function named(RouteDefinition $route): string
    {
        foreach (Route::getRoutes() as $other) {
            if ($other->uri() === $route->uri() && $other->getName() !== null) {
                return $other->getName();
            }
        }
        throw new LogicException($route->uri().' has no page.');
    }

    /**
     * What a student has in the course, its attempt in a state.
     *
     * @return array<string, mixed> by parameter of a route
     */
    private function things(User $student, AttemptState $state): array
    {
        $membership = null;
        if ($student->is($this->people['removed'])) {
            $membership = $this->world->course
                ->memberships()
                ->create(['user_id' => $student->id, 'role' => Role::Student]);
        }
        $attempt = Attempt::query()->create([
            'set_brief_id' => $this->world->setBrief->id,
            'user_id' => $student->id,
            'number' => 1,
            'state' => $state,
        ]);
        $picture = \App\Models\Picture::query()->create([
            'hash' => hash('sha256', (string) $student->id),
            'bytes' => 1,
            'mime' => 'image/jpeg',
        ]);
        $frame = Frame::query()->create([
            'attempt_id' => $attempt->id,
            'picture_id' => $picture->id,
            'original_name' => 'pot.jpg',
            'state' => 'judged',
        ]);
        $by = ['frame_id' => $frame->id, 'author_id' => $this->world->critic->id];
        $membership?->delete();

        return [
            'course' => $this->world->course,
            'user' => $student,
            'setBrief' => $this->world->setBrief,
            'meeting' => $this->world->course->meetings()->create(['title' => 'An evening']),
            'attempt' => $attempt,
            'frame' => $frame,
            'other' => $frame,
            'finding' => FrameFinding::query()->create([
                'frame_id' => $frame->id,
                'rule_id' => 'tone.lost',
                'body' => new Finding('tone.lost', Topic::Tone, Severity::Fault, 'Lost.', [], ''),
            ]),
            // A note and a what-if of the guest critic's.
            'note' => Note::query()->create([...$by, 'kind' => 'try', 'body' => 'x', 'token' => (string) Str::uuid()]),
            'briefPicture' => BriefPicture::query()->create([
                'user_id' => $this->world->instructor->id, 'meets' => true, 'data' => 'x',
            ]),
            'phrase' => Phrase::query()->create(['user_id' => $this->world->instructor->id, 'body' => 'x']),
            'whatIf' => WhatIf::query()->create([...$by, 'title' => 'x', 'recipe' => []]),
            'passwordRequest' => PasswordRequest::query()->create([
                'user_id' => $student->id,
                'way' => PasswordWay::Session,
                'counts_from' => now(),
                'ends_at' => now()->addDay(),
            ]),
            'bank' => SettingsBank::query()->create(['user_id' => $student->id, 'bank' => []]),
            'filmRoll' => FilmRoll::query()->create([
                'user_id' => $student->id,
                'content' => ['name' => 'Roll', 'boxSpeed' => 400],
            ]),
            'rollFrame' => RollFrame::query()->create([
                'user_id' => $student->id,
                'token' => Str::random(40),
                'scene' => 'bust',
                'settings' => [],
                'state' => RollState::Ready,
                'taken_at' => now(),
            ]),
        ];
    }
}
