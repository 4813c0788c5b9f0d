<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Attempt;
use App\Models\AttemptState;
use App\Models\PasswordRequest;
use App\Models\Role;
use App\Models\SettingsBank;
use App\Models\User;
use App\Notices\NewPasswordAsked;
use App\Notices\PasswordLetter;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Notification;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\World;
use Tests\TestCase;

/** Somebody else asks for a new password for a person: what may come of it, and what may not. */
final class PasswordHelpTest extends TestCase
{
    use RefreshDatabase;

    private const GOOD = 'four blue kilns';

    private World $world;

    protected function setUp(): void
    {
        parent::setUp();
        Notification::fake();
        $this->world = World::make();
    }

    public function test_an_instructor_has_a_link_for_an_account_that_holds_nothing_beside_the_course(): void
    {
        $url = (string) $this->link($this->world->instructor, $this->world->student);
        Notification::assertSentTo($this->world->student, NewPasswordAsked::class);
        auth()->logout();
        $this->get($url)->assertOk();
        $this->post($url, ['password' => self::GOOD])->assertRedirect(route('sign-in'));
        $this->assertTrue(Hash::check(self::GOOD, $this->world->student->fresh()->password));
        $this->post($url, ['password' => 'four other kilns'])->assertStatus(410);
        $this->get($url)->assertStatus(410);
    }

    public function test_nobody_else_has_one_and_for_nobody_else(): void
    {
        $other = World::make('TESTEEEE', 'other-');
        [$world, $student] = [$this->world, $this->world->student];

        $this->assertNull($this->link($world->instructor, $world->critic));
        $this->assertNull($this->link($world->neighbour, $student));
        $this->assertNull($this->link($world->critic, $student));
        $this->assertNull($this->link($other->instructor, $student));
        $this->assertNull($this->link($world->instructor, $other->student), 'a student of another course');
        $this->assertSame(0, PasswordRequest::query()->count());
    }

    /** @return iterable<string, array{callable(User, World): mixed}> */
    public static function more(): iterable
    {
        yield 'another course' => [fn (User $user, World $other) => $other->course->memberships()
            ->create(['user_id' => $user->id, 'role' => Role::Student])];
        yield 'teaching elsewhere' => [fn (User $user, World $other) => $other->course->memberships()
            ->create(['user_id' => $user->id, 'role' => Role::Instructor])];
        yield 'what was handed in to a course that was left' => [fn (User $user, World $other) => Attempt::query()
            ->create([
                'set_brief_id' => $other->setBrief->id,
                'user_id' => $user->id,
                'number' => 1,
                'state' => AttemptState::Returned,
            ])];
        yield 'a draft' => [fn (User $user, World $other, World $world) => Attempt::query()->create([
            'set_brief_id' => $world->setBrief->id,
            'user_id' => $user->id,
            'number' => 1,
            'state' => AttemptState::Draft,
        ])];
        yield 'a bank' => [fn (User $user) => SettingsBank::query()->create(['user_id' => $user->id, 'bank' => []])];
        yield 'the service itself' => [fn (User $user) => $user->forceFill(['is_operator' => true])->save()];
    }

    /** @param  callable(User, World, World): mixed  $gives */
    #[DataProvider('more')]
    public function test_a_link_ends_when_the_account_comes_to_hold_more(callable $gives): void
    {
        $student = $this->world->student;
        $url = (string) $this->link($this->world->instructor, $student);
        $gives($student, World::make('TESTEEEE', 'other-'), $this->world);
        auth()->logout();

        $this->get($url)->assertStatus(410);
        $this->post($url, ['password' => self::GOOD])->assertStatus(410);
        $this->assertTrue(Hash::check('a-long-password', $student->fresh()->password));
    }

    /** @param  callable(User, World, World): mixed  $gives */
    #[DataProvider('more')]
    public function test_an_account_that_holds_more_is_nobodys_to_hand_over(callable $gives): void
    {
        $student = $this->world->student;
        $gives($student, World::make('TESTEEEE', 'other-'), $this->world);

        $this->assertNull($this->link($this->world->instructor, $student));
        $asked = PasswordRequest::query()->sole();
        Notification::assertSentTo($student, NewPasswordAsked::class);

        // Where its person is signed in still, a new one is set there; and nobody else sees anything of it.
        $this->actingAs($this->world->instructor)->post(route('account.take-password', $asked))->assertNotFound();
        $this->actingAs($this->world->neighbour)->delete(route('account.stop-password', $asked))->assertNotFound();
        $this->actingAs($student)->get(route('account'))->assertSee('says that you forgot your password');
        $url = $this->post(route('account.take-password', $asked))->headers->get('Location');
        $this->post((string) $url, ['password' => self::GOOD])->assertRedirect(route('sign-in'));
        $this->assertTrue(Hash::check(self::GOOD, $student->fresh()->password));
    }

    public function test_a_confirmed_address_gets_a_mail_and_the_instructor_gets_nothing(): void
    {
        config(['mail.default' => 'array']);
        $this->world->student->forceFill(['email_verified_at' => now()])->save();

        $this->assertNull($this->link($this->world->instructor, $this->world->student));
        $this->assertStringContainsString('A mail is on its way', session('done'));
        Notification::assertSentTo($this->world->student, PasswordLetter::class);
        $this->assertDatabaseCount('password_reset_tokens', 1);
        $this->actingAs($this->world->student)
            ->delete(route('account.stop-password', PasswordRequest::query()->sole()));
        $this->assertDatabaseCount('password_reset_tokens', 0);
    }

    public function test_its_person_stops_it(): void
    {
        $url = (string) $this->link($this->world->instructor, $this->world->student);
        $this->actingAs($this->world->student)
            ->delete(route('account.stop-password', PasswordRequest::query()->sole()))
            ->assertRedirect(route('account'));
        auth()->logout();

        $this->post($url, ['password' => self::GOOD])->assertStatus(410);
        $this->get(route('account'))->assertRedirect();
        $this->assertTrue(Hash::check('a-long-password', $this->world->student->fresh()->password));
    }

    public function test_a_link_of_an_operator_counts_after_a_day_in_which_its_person_can_stop_it(): void
    {
        $teacher = $this->world->instructor;
        $this->assertSame(0, Artisan::call('pupil:password-link', ['who' => 'Ina-Structor@kilnyard.example']));
        $url = explode("\n", Artisan::output())[0];
        Notification::assertSentTo($teacher, NewPasswordAsked::class);

        $this->get($url)->assertOk()->assertSee('Not yet');
        $this->post($url, ['password' => self::GOOD])->assertStatus(410);
        $this->travel(23)->hours();
        $this->post($url, ['password' => self::GOOD])->assertStatus(410);
        $this->travel(2)->hours();
        $this->post($url, ['password' => self::GOOD])->assertRedirect(route('sign-in'));
        $this->assertTrue(Hash::check(self::GOOD, $teacher->fresh()->password));

        Artisan::call('pupil:password-link', ['who' => (string) $teacher->id]);
        $stopped = explode("\n", Artisan::output())[0];
        $this->actingAs($teacher)->delete(route('account.stop-password', PasswordRequest::open($teacher)->sole()));
        auth()->logout();
        $this->travel(25)->hours();
        $this->post($stopped, ['password' => 'four other kilns'])->assertStatus(410);
        $this->assertSame(1, Artisan::call('pupil:password-link', ['who' => 'nobody@kilnyard.example']));
    }

    private function link(User $by, User $for): ?string
    {
        session()->forget('link');
        $this->actingAs($by)->post(route('courses.members.link', [$this->world->course, $for]));

        return session('link')['url'] ?? null;
    }
}
