<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Accounts\Devices;
use App\Models\User;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Cookie as CookieJar;
use Illuminate\Support\Facades\File;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\Process\Process;
use Tests\Browser\Support\Chromium;
use Tests\Support\World;
use Tests\TestCase;

/** Two devices of one person, wherever sessions are kept. */
final class SessionsTest extends TestCase
{
    use RefreshDatabase;

    private const GOOD = 'four blue kilns';

    private ?Process $redis = null;

    protected function tearDown(): void
    {
        $this->redis?->stop(2);
        parent::tearDown();
    }

    /** @return iterable<string, array{string}> */
    public static function drivers(): iterable
    {
        yield 'database' => ['database'];
        yield 'file' => ['file'];
        yield 'redis' => ['redis'];
    }

    #[DataProvider('drivers')]
    public function test_a_device_that_was_signed_out_elsewhere_is_out(string $driver): void
    {
        $this->keepSessionsIn($driver);
        $user = World::make()->student;
        [$here, $there] = [$this->signIn($user), $this->signIn($user, remember: true)];
        $this->assertTrue($this->isIn($here) && $this->isIn($there));

        $this->ask($here, 'DELETE', route('account.devices'))->assertRedirect();
        $this->assertTrue($this->isIn($here));
        $this->assertFalse($this->isIn($there), 'also where the browser was told to remember');

        $there = $this->signIn($user);
        $this->ask($here, 'PUT', route('account.password'), [
            'current_password' => 'a-long-password',
            'password' => self::GOOD,
        ])->assertSessionHasNoErrors();
        $this->assertTrue($this->isIn($here));
        $this->assertFalse($this->isIn($there));
    }

    public function test_a_session_from_before_there_were_generations_goes_on_until_its_person_signs_out_others(): void
    {
        $user = World::make()->student;
        $this->actingAs($user)->withSession([])->get(route('account'))->assertOk()
            ->assertSessionHas(Devices::GENERATION, 0);
        $user->forceFill(['generation' => 1])->save();
        $this->get(route('account'))->assertRedirect(route('sign-in'));
    }

    public function test_a_browser_that_remembers_does_so_for_sixty_days_from_its_last_use(): void
    {
        $this->keepSessionsIn('database');
        $device = $this->signIn(World::make()->student, remember: true);
        $until = fn (?Cookie $cookie): int => (int) round(
            (($cookie?->getExpiresTime() ?? 0) - now()->timestamp) / 86400,
        );
        $name = auth()->guard()->getRecallerName();

        $this->assertSame(60, $until($this->renewed($device, $name)));
        $this->assertNull($this->renewed($device, $name), 'once a day');
        $this->travel(1)->days();
        $this->assertSame(60, $until($this->renewed($device, $name)));
    }

    private function keepSessionsIn(string $driver): void
    {
        config(['session.driver' => $driver, 'session.connection' => null]);
        if ($driver === 'file') {
            config(['session.files' => storage_path('framework/sessions')]);
            File::ensureDirectoryExists(storage_path('framework/sessions'));
        }
        if ($driver === 'redis') {
            $port = Chromium::freePort();
            $this->redis = new Process(['redis-server', '--port', (string) $port, '--bind', '127.0.0.1', '--save', '']);
            $this->redis->start();
            $this->redis->waitUntil(fn (string $type, string $said): bool => str_contains($said, 'Ready to accept'));
            config([
                'session.connection' => 'default',
                'database.redis.default.host' => '127.0.0.1',
                'database.redis.default.port' => $port,
            ]);
            $this->app->forgetInstance('redis');
        }
        $this->app->forgetInstance('session');
        $this->app->forgetInstance('session.store');
    }

    /** @return array<string, string> cookies of the device */
    private function signIn(User $user, bool $remember = false): array
    {
        $device = [];
        $this->ask($device, 'POST', '/sign-in', [
            'email' => $user->email,
            'password' => 'a-long-password',
            'remember' => $remember ? '1' : '0',
        ])->assertRedirect(route('home'));

        return $device;
    }

    /** @param  array<string, string>  $device */
    private function isIn(array &$device): bool
    {
        return $this->ask($device, 'GET', route('account'))->getStatusCode() === 200;
    }

    /** @param  array<string, string>  $device */
    private function renewed(array &$device, string $name): ?Cookie
    {
        return $this->ask($device, 'GET', route('account'))->assertOk()->getCookie($name, false);
    }

    /**
     * A request of a device, which keeps the cookies that it is given.
     *
     * @param  array<string, string>  $device
     * @param  array<string, string>  $form
     * @return TestResponse<\Illuminate\Http\Response>
     */
    private function ask(array &$device, string $method, string $url, array $form = []): TestResponse
    {
        auth()->forgetGuards();
        session()->forgetDrivers();
        // What one process keeps between requests, and a server would not.
        $this->app->forgetInstance('session.store');
        $this->app->forgetInstance('redirect');
        CookieJar::flushQueuedCookies();
        $this->defaultCookies = [];
        $response = $this->withCookies($device)->call($method, $url, $form, $this->prepareCookiesForRequest());
        foreach ($response->headers->getCookies() as $cookie) {
            $value = $response->getCookie($cookie->getName())?->getValue();
            if ($cookie->isCleared() || $value === null) {
                unset($device[$cookie->getName()]);
            } else {
                $device[$cookie->getName()] = $value;
            }
        }

        return $response;
    }
}
