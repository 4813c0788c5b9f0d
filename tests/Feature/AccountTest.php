<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Accounts\Links;
use App\Models\User;
use App\Notices\ConfirmAddressLetter;
use App\Notices\PasswordLetter;
use App\Notices\SignInChanged;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Notification;
use Illuminate\Support\Facades\RateLimiter;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\World;
use Tests\TestCase;

final class AccountTest extends TestCase
{
    use RefreshDatabase;

    private const GOOD = 'three quiet kilns';

    public function test_name_zone_and_language_change_how_moments_are_written(): void
    {
        $world = World::make();
        $world->setBrief->update(['due_at' => '2027-03-01 18:00:00']);
        $this->actingAs($world->student)
            ->get(route('set-briefs.show', $world->setBrief))
            ->assertSee('1 Mar 2027, 18:00 UTC');
        $this->put(route('account.update'), [
            'name' => 'Stu D.',
            'timezone' => 'Europe/Berlin',
            'locale' => 'de',
        ])->assertRedirect(route('account'));
        $this->get(route('set-briefs.show', $world->setBrief))->assertSee('1 Mär 2027, 19:00 (Europe/Berlin)');
        $this->put(route('account.update'), ['name' => '', 'timezone' => 'Mars'])->assertSessionHasErrors([
            'name',
            'timezone',
        ]);
        $this->assertSame('Stu D.', $world->student->fresh()->name);
        $this->actingAs($world->instructor)
            ->get(route('set-briefs.show', $world->setBrief))
            ->assertSee('1 Mar 2027, 18:00 UTC');
    }

    public function test_an_address_counts_once_its_link_is_followed(): void
    {
        Notification::fake();
        config(['mail.default' => 'smtp']);
        $world = World::make();
        $user = $world->student;
        $user->forceFill(['email_verified_at' => now()])->save();
        $this->actingAs($user)
            ->put(route('account.address'), ['email' => 'New@Kilnyard.Example', 'address_password' => 'wrong'])
            ->assertSessionHasErrors('address_password');
        $this->put(route('account.address'), [
            'email' => ' New@Kilnyard.Example ',
            'address_password' => 'a-long-password',
        ])->assertSessionHasNoErrors();
        $this->assertSame('stu-dent@kilnyard.example', $user->refresh()->email, 'the old one stays in use');
        Notification::assertSentOnDemand(
            ConfirmAddressLetter::class,
            fn ($letter, $channels, $to): bool => $to->routes['mail'] === 'new@kilnyard.example',
        );

        $link = Links::confirm($user);
        $this->get($link)->assertOk()->assertSee('new@kilnyard.example');
        $this->assertNotNull($user->refresh()->pending_email, 'opening it changes nothing');
        $this->post($link)->assertRedirect(route('account'));
        $this->assertSame(['new@kilnyard.example', null], [$user->refresh()->email, $user->pending_email]);
        $this->post($link)->assertStatus(410);
    }

    public function test_a_link_that_was_changed_or_is_old_is_worth_nothing(): void
    {
        $user = World::make()->student;
        $link = Links::confirm($user);
        $this->post($link.'0')->assertForbidden();
        $this->post(str_replace('/'.$user->id.'/', '/'.($user->id + 1).'/', $link))->assertForbidden();
        $this->post(explode('?', $link)[0])->assertForbidden();
        $this->travel(8)->days();
        $this->post($link)->assertForbidden();
        $this->assertNull($user->fresh()->email_verified_at);
    }

    public function test_whoever_types_an_address_first_does_not_own_it(): void
    {
        $world = World::make();
        // A stranger registers with the address of somebody who is already here, and learns nothing.
        $join = fn (string $email, string $password) => $this->post(route('join'), [
            'code' => 'TESTCQDE',
            'name' => 'Mal Lory',
            'email' => $email,
            'password' => $password,
        ]);
        $known = $join($world->instructor->email, 'some strange words');
        auth()->logout();
        $unknown = $join('nobody@kilnyard.example', 'some strange words');
        auth()->logout();
        $this->assertSame($unknown->getStatusCode(), $known->getStatusCode());
        $this->assertSame($unknown->headers->get('Location'), $known->headers->get('Location'));

        // Each password opens its own account.
        $this->post(route('sign-in'), ['email' => $world->instructor->email, 'password' => 'a-long-password']);
        $this->assertAuthenticatedAs($world->instructor);
        auth()->logout();
        $this->post(route('sign-in'), ['email' => $world->instructor->email, 'password' => 'some strange words']);
        $this->assertNotSame($world->instructor->id, auth()->id());
        auth()->logout();

        // Only one can confirm it.
        $world->instructor->forceFill(['email_verified_at' => now()])->save();
        $stranger = User::query()->where('name', 'Mal Lory')->orderBy('id')->firstOrFail();
        $this->post(Links::confirm($stranger))->assertSessionHas('problem');
        $this->assertNull($stranger->fresh()->email_verified_at);
    }

    public function test_addresses_are_compared_letter_by_letter(): void
    {
        $world = World::make();
        $world->student->update(['email' => 'jose@kilnyard.example']);
        foreach (['josé@kilnyard.example', 'jose@kilnyard.example.'] as $other) {
            $this->post(route('sign-in'), ['email' => $other, 'password' => 'a-long-password']);
            $this->assertGuest();
        }
        $this->post(route('sign-in'), ['email' => ' JOSE@kilnyard.example', 'password' => 'a-long-password']);
        $this->assertAuthenticatedAs($world->student);
    }

    #[DataProvider('passwords')]
    public function test_a_password_that_is_tried_first_is_refused(string $password, bool $isTaken): void
    {
        $world = World::make();
        $response = $this->actingAs($world->student)->put(route('account.password'), [
            'current_password' => 'a-long-password',
            'password' => $password,
        ]);
        $isTaken ? $response->assertSessionHasNoErrors() : $response->assertSessionHasErrors('password');
        $this->assertSame($isTaken, Hash::check($password, $world->student->fresh()->password));
    }

    public static function passwords(): iterable
    {
        yield 'several words' => [self::GOOD, true];
        yield 'twelve characters' => ['kiln-wares-x', true];
        yield 'eleven characters' => ['kiln-wares-', false];
        yield 'seventy-two bytes' => [str_repeat('salt glaze, ', 6), true];
        yield 'more than is hashed' => [str_repeat('salt glaze, ', 6).'x', false];
        yield 'among the first' => ['123456789012', false];
        yield 'a word with what people add' => ['Sunshine2024!', false];
        yield 'one letter' => ['aaaaaaaaaaaa', false];
        yield 'the own name' => ['stu.dent.1999', false];
        yield 'the own address' => ['stu-dent@kilnyard', false];
        yield 'a name and more' => ['stu keeps bees at home', true];
    }

    public function test_a_new_password_signs_every_other_device_out(): void
    {
        Notification::fake();
        $world = World::make();
        $remember = $world->student->remember_token;
        foreach (['other', 'third'] as $id) {
            DB::table('sessions')->insert([
                'id' => $id,
                'user_id' => $world->student->id,
                'user_agent' => 'Mozilla/5.0 (Linux; Android 14) Mobile Firefox/140.0',
                'payload' => '',
                'last_activity' => time(),
            ]);
        }
        DB::table('sessions')->insert([
            'id' => 'neighbour', 'user_id' => $world->neighbour->id, 'payload' => '', 'last_activity' => time(),
        ]);
        $this->actingAs($world->student)
            ->get(route('account'))
            ->assertSee('Firefox on a phone (Android)')
            ->assertSee('Sign out everywhere else');
        $this->put(route('account.password'), ['current_password' => 'wrong', 'password' => self::GOOD])
            ->assertSessionHasErrors('current_password');
        $this->assertSame(3, DB::table('sessions')->count());
        $this->put(route('account.password'), ['current_password' => 'a-long-password', 'password' => self::GOOD]);
        $this->assertSame(['neighbour'], DB::table('sessions')->pluck('id')->all());
        Notification::assertSentToTimes($world->student, SignInChanged::class, 1);
        $this->assertNotSame($remember, $world->student->fresh()->remember_token);
    }

    public function test_a_forgotten_password_by_mail(): void
    {
        Notification::fake();
        $world = World::make();
        $world->student->forceFill(['email_verified_at' => now()])->save();
        $said = fn (string $email): string => (string) $this->followingRedirects()
            ->from(route('password.forgotten'))
            ->post(route('password.forgotten'), ['email' => $email])
            ->getContent();
        $token = '/<meta name="csrf[^>]+>|hx-headers=\S+ \S+|value="[^"]*"/';
        $plain = fn (string $page): string => preg_replace($token, '', $page) ?? '';

        // A stranger reads the same, whether the address is known, known and unconfirmed, or unknown.
        $known = $plain($said('STU-DENT@kilnyard.example'));
        $this->assertSame($known, $plain($said($world->neighbour->email)));
        $this->assertSame($known, $plain($said('nobody@kilnyard.example')));
        Notification::assertCount(1);
        $token = null;
        $note = function (PasswordLetter $letter) use (&$token, $world): bool {
            preg_match('~new-password/([0-9a-f]+)\?~', $letter->toMail($world->student)->viewData['url'], $found);
            $token = $found[1];

            return true;
        };
        Notification::assertSentTo($world->student, PasswordLetter::class, $note);

        $new = fn (string $email, string $password) => $this->from('/x')->put(route('password.update'), [
            'token' => $token, 'email' => $email, 'password' => $password,
        ]);
        $new($world->neighbour->email, self::GOOD)->assertSessionHasErrors('password');
        $new($world->student->email, 'short')->assertSessionHasErrors('password');
        $new($world->student->email, self::GOOD)->assertRedirect(route('sign-in'));
        $this->assertTrue(Hash::check(self::GOOD, $world->student->fresh()->password));
        $new($world->student->email, 'four other kilns')->assertSessionHasErrors('password');
        $this->assertTrue(Hash::check(self::GOOD, $world->student->fresh()->password), 'the link counts once');
    }

    public function test_where_no_mail_arrives_nobody_is_told_to_wait_for_one(): void
    {
        config(['mail.default' => 'letterbox', 'pupil.demo.shown' => false]);
        $world = World::make();
        $this->actingAs($world->student)
            ->get(route('account'))
            ->assertSee('this installation sends no mail')
            ->assertDontSee('Follow the link in the mail')
            ->assertDontSee('Send the link again');
        $change = fn () => $this->put(route('account.address'), [
            'email' => 'new@kilnyard.example',
            'address_password' => 'a-long-password',
        ]);
        $change()->assertSessionHas('done', fn (string $said): bool => str_contains($said, 'is changed'));
        $this->assertSame('new@kilnyard.example', $world->student->refresh()->email);
        $world->student->forceFill(['email' => 'old@kilnyard.example', 'email_verified_at' => now()])->save();
        $change()->assertSessionHas('done', fn (string $said): bool => str_contains($said, 'old one stays'));
        $this->assertSame(
            ['old@kilnyard.example', null],
            [$world->student->refresh()->email, $world->student->pending_email],
        );

        // Nor can a course ask for what nobody can do.
        $course = $world->course;
        $settings = [
            'name' => $course->name,
            'timezone' => 'UTC',
            'asks_confirmed' => '1',
            'approach' => $course->approachChoices()->toArray(),
        ];
        $this->actingAs($world->instructor)->put(route('courses.settings.update', $course), $settings);
        $this->assertFalse($course->refresh()->asks_confirmed);
        config(['pupil.demo.shown' => true]);
        $this->put(route('courses.settings.update', $course), $settings)->assertSessionHasNoErrors();
        $this->assertTrue($course->refresh()->asks_confirmed);
    }

    public function test_what_costs_much_is_limited_by_person(): void
    {
        $world = World::make();
        $frame = $world->prepared();
        $spot = fn (User $user) => $this->actingAs($user)->get(route('frames.spot', [$frame, 'x' => 50, 'y' => 50]));
        foreach (range(1, 600) as $hit) {
            RateLimiter::hit(md5('spot'.'spot|'.$world->student->id));
        }
        $spot($world->student)->assertStatus(429)->assertSee('Too many tries. Wait');
        $spot($world->neighbour)->assertForbidden();
        foreach (range(1, 5) as $time) {
            $this->actingAs($world->neighbour)->post(route('account.takeout'))->assertOk();
        }
        $this->from(route('account'))->post(route('account.takeout'))->assertSessionHas(
            'problem',
            fn (string $said): bool => str_contains($said, 'Too many tries. Wait'),
        );
        $this->actingAs($world->instructor)->post(route('account.takeout'))->assertOk();
    }

    public function test_no_password_is_ever_written_into_a_session(): void
    {
        $user = World::make()->student;
        $secret = 'never to be kept anywhere';
        $this->actingAs($user);
        foreach ([
            ['put', 'account.address', ['email' => 'no address', 'address_password' => $secret]],
            ['put', 'account.password', ['current_password' => $secret, 'password' => $secret]],
            ['delete', 'account.destroy', ['delete_password' => $secret]],
            ['post', 'account.factor', ['factor_password' => $secret]],
            ['put', 'account.factor', ['code' => $secret.str_repeat('x', 40)]],
        ] as [$method, $route, $form]) {
            $this->{$method}(route($route), $form);
            $this->assertStringNotContainsString($secret, (string) json_encode(session()->all()), $route);
        }
        auth()->logout();
        $forms = ['/sign-in' => ['email' => 'x', 'password' => $secret], '/join' => ['password' => $secret]];
        foreach ($forms as $at => $form) {
            $this->post($at, $form);
            $this->assertStringNotContainsString($secret, (string) json_encode(session()->all()), $at);
        }
    }

    public function test_back_never_leads_to_another_site(): void
    {
        $wrong = ['email' => 'nobody@kilnyard.example', 'password' => 'guess'];
        $from = ['https://elsewhere.example/trap', 'http://127.0.0.1.elsewhere.example/', '//elsewhere.example'];
        foreach ($from as $one) {
            $to = (string) $this->withHeader('referer', $one)->post('/sign-in', $wrong)->headers->get('Location');
            $this->assertSame(parse_url((string) config('app.url'), PHP_URL_HOST), parse_url($to, PHP_URL_HOST), $one);
        }
        $own = url('/sign-in?from=here');
        $this->withHeader('referer', $own)->post('/sign-in', $wrong)->assertRedirect($own);
    }

    public function test_nobody_asks_for_links_without_end(): void
    {
        Notification::fake();
        foreach (range(1, 5) as $time) {
            $this->post(route('password.forgotten'), ['email' => 'a@kilnyard.example'])
                ->assertSessionMissing('problem');
        }
        $this->post(route('password.forgotten'), ['email' => ' A@KILNYARD.example '])->assertSessionHas('problem');
        $this->post(route('password.forgotten'), ['email' => 'b@kilnyard.example'])->assertSessionMissing('problem');
    }

    public function test_a_class_of_thirty_joins_from_one_address_within_a_minute(): void
    {
        $world = World::make();
        foreach (range(1, 30) as $number) {
            $this->post(route('join'), [
                'code' => 'TESTCQDE',
                'name' => 'Pupil '.$number,
                'email' => 'pupil'.$number.'@kilnyard.example',
                'password' => self::GOOD,
            ])->assertRedirect(route('courses.show', $world->course));
            auth()->logout();
            $this->flushSession();
        }
        $this->assertSame(34, $world->course->memberships()->count());
    }
}
