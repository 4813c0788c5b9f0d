<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Accounts\AccountLog;
use App\Accounts\OneTimeCode;
use App\Accounts\SecondFactors;
use App\Models\SecondFactor;
use App\Models\User;
use App\Notices\SignInChanged;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Notification;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\World;
use Tests\TestCase;

final class SecondFactorTest extends TestCase
{
    use RefreshDatabase;

    private const PASSWORD = 'a-long-password';

    /** @return list<array{int, string}> seconds and code, RFC 6238, appendix B */
    public static function values(): array
    {
        return [
            [59, '94287082'],
            [1111111109, '07081804'],
            [1111111111, '14050471'],
            [1234567890, '89005924'],
            [2000000000, '69279037'],
            [20000000000, '65353130'],
        ];
    }

    #[DataProvider('values')]
    public function test_a_code_is_that_of_the_standard(int $seconds, string $code): void
    {
        $this->assertSame($code, OneTimeCode::at('12345678901234567890', OneTimeCode::step($seconds), 8));
        $this->assertSame(substr($code, 2), OneTimeCode::at('12345678901234567890', OneTimeCode::step($seconds)));
    }

    public function test_a_secret_reads_in_base_32(): void
    {
        $this->assertSame('MZXW6YTBOI', OneTimeCode::readable('foobar'));
        $this->assertSame('foobar', OneTimeCode::bytes('mzxw6ytboi======'));
        $this->assertSame("\0\xff\x10\x80", OneTimeCode::bytes(OneTimeCode::readable("\0\xff\x10\x80")));
        $this->expectException(\InvalidArgumentException::class);
        OneTimeCode::bytes('MZXW1');
    }

    public function test_it_is_set_up_asked_for_and_taken_off(): void
    {
        $teacher = World::make()->instructor;
        $this->actingAs($teacher)->post(route('account.factor'), ['factor_password' => 'wrong'])
            ->assertSessionHasErrors('factor_password');
        $this->post(route('account.factor'), ['factor_password' => self::PASSWORD]);
        $secret = SecondFactors::pending($teacher)->secret;
        $this->get(route('account'))->assertSee(trim(chunk_split($secret, 4, ' ')))->assertSee('otpauth://totp/');
        $this->assertStringNotContainsString($secret, (string) DB::table('second_factors')->value('secret'));

        // Until a code of it was right it is asked of nobody.
        $this->put(route('account.factor'), ['code' => '000000'])->assertSessionHasErrors('code');
        $this->assertNull(SecondFactors::of($teacher));
        $this->put(route('account.factor'), ['code' => $this->code($teacher)])->assertSessionHas('recovery');
        $kept = session('recovery');
        $this->assertCount(8, array_unique($kept));
        auth()->logout();

        $this->signIn($teacher)->assertRedirect(route('sign-in.code'));
        $this->assertGuest();
        $this->get(route('courses.show', 1))->assertRedirect(route('sign-in'));
        session()->forget('url.intended');
        $this->answer('123456')->assertSessionHasErrors('code');
        $this->answer($this->code($teacher))->assertSessionHasErrors('code');
        $this->assertGuest('web', 'a code counts once, also the one that set it up');
        $this->travel(OneTimeCode::STEP)->seconds();
        $this->answer(' '.substr_replace($this->code($teacher), ' ', 3, 0))->assertRedirect(route('home'));
        $this->assertAuthenticatedAs($teacher);
        auth()->logout();

        // A code that was kept, once.
        foreach ([true, false] as $counts) {
            $this->signIn($teacher);
            $this->answer(strtoupper($kept[3]));
            $this->assertSame($counts, auth()->check());
            auth()->logout();
        }
        Notification::fake();
        $this->actingAs($teacher)->delete(route('account.factor'), ['factor_password' => self::PASSWORD]);
        Notification::assertSentTo($teacher, SignInChanged::class);
        auth()->logout();
        $this->signIn($teacher)->assertRedirect(route('home'));
    }

    public function test_a_code_counts_a_step_early_or_late_and_no_more(): void
    {
        $user = $this->withFactor(World::make()->student);
        $secret = OneTimeCode::bytes(SecondFactors::of($user)->secret);
        $this->travelTo(now()->startOfMinute());
        foreach ([-2 => false, -1 => true, 2 => false, 1 => true] as $off => $counts) {
            $code = OneTimeCode::at($secret, OneTimeCode::step((int) now()->timestamp) + $off);
            $this->assertSame($counts, SecondFactors::takes(SecondFactors::of($user), $code), (string) $off);
        }
    }

    public function test_guessing_is_slowed_down_and_waiting_ends(): void
    {
        $user = $this->withFactor(World::make()->student);
        $this->signIn($user);
        foreach (range(1, 5) as $try) {
            $this->answer('00000'.$try)->assertSessionHasErrors('code');
        }
        session()->forget('problem');
        $this->travel(OneTimeCode::STEP)->seconds();
        $this->answer($this->code($user))->assertSessionHas('problem');
        $this->assertGuest();
        $this->travel(11)->minutes();
        $this->answer($this->code($user))->assertRedirect(route('sign-in'));
        $this->assertGuest();
    }

    /** @return list<array{string, string, bool}> setting, who, whether it is asked of them */
    public static function people(): array
    {
        return [
            ['optional', 'instructor', false],
            ['teachers', 'instructor', true],
            ['teachers', 'critic', false],
            ['teachers', 'student', false],
            ['everybody', 'student', true],
        ];
    }

    #[DataProvider('people')]
    public function test_an_installation_asks_it_of_some(string $setting, string $who, bool $asks): void
    {
        config(['pupil.second_factor' => $setting]);
        $world = World::make();
        $page = fn (): TestResponse => $this->actingAs($world->{$who})->get(route('courses.show', $world->course));

        $asks ? $page()->assertRedirect(route('account').'#factor') : $page()->assertOk();
        $this->get(route('account'))->assertOk();
        $this->withFactor($world->{$who});
        $page()->assertOk();
    }

    public function test_sign_ins_are_told_to_their_person_and_to_the_log_without_names(): void
    {
        Log::spy();
        $user = World::make()->student;
        $this->withHeader('User-Agent', 'Mozilla/5.0 (X11; Linux x86_64) Firefox/140.0');
        $this->post('/sign-in', ['email' => $user->email, 'password' => 'guess']);
        $this->signIn($user);
        $this->get(route('account'))->assertSee('Firefox on a computer (Linux)')->assertSee('from 127.0.0.x');
        foreach (['Sign-in refused' => null, 'Signed in' => $user->id] as $said => $account) {
            Log::shouldHaveReceived('info')->with($said, ['account' => $account, 'from' => '127.0.0.x']);
        }
        $from = fn (string $ip): string => AccountLog::from(Request::create('/', server: ['REMOTE_ADDR' => $ip]));
        $this->assertSame(
            ['203.0.113.x', '2001:db8:7::x', 'unknown'],
            [$from('203.0.113.77'), $from('2001:db8:7:1::99'), $from('nowhere')],
        );
    }

    public function test_an_operator_takes_it_off(): void
    {
        $user = $this->withFactor(World::make()->student);
        $this->assertSame(1, Artisan::call('pupil:factor-off', ['who' => 'nobody@kilnyard.example']));
        Notification::fake();
        $this->assertSame(0, Artisan::call('pupil:factor-off', ['who' => (string) $user->id]));
        Notification::assertSentTo($user, SignInChanged::class);
        $this->assertSame(0, SecondFactor::query()->count());
    }

    private function withFactor(User $user): User
    {
        SecondFactors::begin($user);
        SecondFactor::query()->where('user_id', $user->id)->update(['confirmed_at' => now()]);

        return $user;
    }

    private function code(User $user): string
    {
        $secret = SecondFactor::query()->where('user_id', $user->id)->sole()->secret;

        return OneTimeCode::at(OneTimeCode::bytes($secret), OneTimeCode::step((int) now()->timestamp));
    }

    private function signIn(User $user): TestResponse
    {
        return $this->post('/sign-in', ['email' => $user->email, 'password' => self::PASSWORD]);
    }

    private function answer(string $code): TestResponse
    {
        return $this->post(route('sign-in.code'), ['code' => $code]);
    }
}
