<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Middleware\ReadFromReplicas;
use App\Letterbox\Letterbox;
use App\Models\User;
use App\Reach\OwnMachine;
use App\Reach\TrustedNames;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Session\ArraySessionHandler;
use Illuminate\Session\Store;
use Illuminate\Support\Env;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\URL;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Under which names, over what and from where the service is reached, and what that changes. */
final class ReachTest extends TestCase
{
    use RefreshDatabase;

    public function test_the_password_of_the_demo_counts_at_its_machine_alone(): void
    {
        User::query()->create([
            'name' => 'Runa',
            'email' => 'runa@kilnyard.example',
            'password' => $password = (string) config('pupil.demo.password'),
        ]);
        $try = ['email' => 'runa@kilnyard.example', 'password' => $password];
        foreach (
            [
                ['203.0.113.9', 'localhost', []],
                ['127.0.0.1', 'courses.example', []],
                ['127.0.0.1', 'localhost', ['X-Forwarded-For' => '203.0.113.9']],
                ['127.0.0.1', 'localhost', ['Forwarded' => 'for=203.0.113.9']],
            ] as [$from, $host, $headers]
        ) {
            $this->withServerVariables(['REMOTE_ADDR' => $from])
                ->post('http://'.$host.'/sign-in', $try, $headers)
                ->assertSessionHasErrors('password');
            $this->assertGuest();
        }
        $this->withServerVariables(['REMOTE_ADDR' => '127.0.0.1'])->post('http://localhost/sign-in', $try);
        $this->assertAuthenticated();
    }

    public function test_nobody_takes_the_password_of_the_demo_for_an_own_one(): void
    {
        $this->post('/start', [
            'course' => 'Evenings',
            'name' => 'Rita Rows',
            'email' => 'rita@kilnyard.example',
            'password' => (string) config('pupil.demo.password'),
        ])->assertSessionHasErrors('password');
    }

    public function test_the_letterbox_of_the_demo_is_open_at_its_machine_alone(): void
    {
        config(['mail.default' => 'letterbox', 'pupil.demo.shown' => true]);
        $this->withServerVariables(['REMOTE_ADDR' => '127.0.0.1'])->get('/letterbox')->assertOk();
        $this->withServerVariables(['REMOTE_ADDR' => '203.0.113.9'])->get('/letterbox')->assertRedirect();
        // A worker speaks for the address that it runs for.
        $this->app->instance('request', Request::create('https://courses.example'));
        $this->assertFalse(Letterbox::isOpenToAll());
    }

    /** @return iterable<string, array{string, bool}> */
    public static function hosts(): iterable
    {
        yield 'its name' => ['localhost', true];
        yield 'its address' => ['127.0.0.1', true];
        yield 'another of its addresses' => ['127.9.9.9', true];
        yield 'the same in six' => ['[::1]', true];
        yield 'a name that begins like it' => ['localhost.example', false];
        yield 'a name that ends like it' => ['not-localhost', false];
        yield 'an address that begins like it' => ['127.0.0.1.example', false];
        yield 'a neighbour' => ['192.168.1.7', false];
        yield 'nothing' => ['', false];
    }

    #[DataProvider('hosts')]
    public function test_what_is_this_machine(string $host, bool $is): void
    {
        $this->assertSame($is, OwnMachine::is($host));
    }

    public function test_no_other_name_is_answered(): void
    {
        config(['app.url' => 'http://127.0.0.1:8080', 'pupil.hosts' => ['courses.example']]);
        Request::setTrustedHosts(TrustedNames::patterns());
        try {
            foreach (['127.0.0.1:8080', 'localhost', '[::1]:8080', 'courses.example'] as $host) {
                $this->get('http://'.$host.'/sign-in')->assertOk();
            }
            foreach (['evil.example', 'localhost.evil.example', '192.168.1.7'] as $host) {
                $this->get('http://'.$host.'/sign-in')->assertStatus(400);
            }
        } finally {
            Request::setTrustedHosts([]);
        }
        config(['app.url' => 'https://courses.example/', 'pupil.hosts' => ['www.courses.example']]);
        Request::setTrustedHosts(TrustedNames::patterns());
        try {
            $this->get('https://courses.example/sign-in')->assertOk();
            $this->get('https://www.courses.example/sign-in')->assertOk();
            $this->get('https://evil.example/sign-in')->assertStatus(400);
            $this->get('https://coursesXexample/sign-in')->assertStatus(400);
            $this->get('https://a.courses.example/sign-in')->assertStatus(400);
        } finally {
            Request::setTrustedHosts([]);
        }
    }

    public function test_behind_a_trusted_proxy_that_ends_tls_addresses_cookies_and_headers_are_right(): void
    {
        $by = [
            'X-Forwarded-For' => '203.0.113.9',
            'X-Forwarded-Proto' => 'https',
            'X-Forwarded-Host' => 'courses.example',
        ];
        $ask = fn (string $from) => $this->withServerVariables(['REMOTE_ADDR' => $from])
            ->get('http://localhost/join', $by);
        config(['trustedproxy.proxies' => ['10.0.0.2']]);
        $trusted = $ask('10.0.0.2');
        $trusted->assertHeader('Strict-Transport-Security', 'max-age=31536000');
        $this->assertStringContainsString('https://courses.example/', (string) $trusted->getContent());
        $cookies = $trusted->headers->getCookies();
        $this->assertNotSame([], $cookies);
        foreach ($cookies as $cookie) {
            $this->assertTrue($cookie->isSecure(), $cookie->getName());
        }
        Request::setTrustedProxies([], -1);
        $stranger = $ask('10.0.0.3');
        $stranger->assertHeaderMissing('Strict-Transport-Security');
        $this->assertStringNotContainsString('https://courses.example/', (string) $stranger->getContent());
    }

    public function test_the_session_of_a_service_known_by_https_is_bound_to_its_host(): void
    {
        $told = function (string $address): array {
            $before = Env::get('APP_URL');
            Env::getRepository()->clear('SESSION_COOKIE');
            Env::getRepository()->set('APP_URL', $address);
            try {
                return require config_path('session.php');
            } finally {
                // An address left behind, be it an empty one, would count in whatever this process starts next.
                $before === null
                    ? Env::getRepository()->clear('APP_URL')
                    : Env::getRepository()->set('APP_URL', (string) $before);
            }
        };
        $bound = $told('https://courses.example');
        $this->assertStringStartsWith('__Host-', $bound['cookie']);
        // What browsers ask of such a name.
        $this->assertSame([true, '/', null], [$bound['secure'], $bound['path'], $bound['domain']]);
        $this->assertStringStartsWith('true_pupil_', $told('http://127.0.0.1:8000')['cookie']);
    }

    public function test_where_the_service_is_known_by_https_every_address_is(): void
    {
        config(['app.url' => 'https://courses.example']);
        (new \App\Providers\AppServiceProvider($this->app))->boot();
        try {
            $this->assertStringContainsString('"https://', (string) $this->get('/join')->getContent());
            $this->assertStringNotContainsString('"http://', (string) $this->get('/join')->getContent());
        } finally {
            URL::forceScheme(null);
        }
    }

    /** @return iterable<string, array{string, int, int, bool}> method, seconds since writing, status, from primary */
    public static function readers(): iterable
    {
        yield 'a page, by who wrote long ago' => ['GET', 60, 200, false];
        yield 'a page, by who has just written' => ['GET', 5, 200, true];
        yield 'a form that is sent' => ['POST', 60, 200, true];
        yield 'what the replica does not have yet' => ['GET', 60, 404, true];
    }

    #[DataProvider('readers')]
    public function test_who_has_just_written_is_not_read_to_from_a_replica(
        string $method,
        int $seconds,
        int $status,
        bool $isPrimary,
    ): void {
        $here = config('database.connections.mariadb');
        config(['database.connections.mariadb' => [
            ...$here,
            'read' => ['host' => [$here['host']]],
            'write' => ['host' => [$here['host']]],
            'sticky' => true,
        ]]);
        $request = Request::create('/', $method);
        $session = new Store('test', new ArraySessionHandler(10));
        $session->put('wrote-at', time() - $seconds);
        $request->setLaravelSession($session);
        $asked = 0;
        $last = null;
        (new ReadFromReplicas())->handle($request, function () use ($status, &$last, &$asked): Response {
            $asked++;
            $last = DB::connection()->hasModifiedRecords();

            return new Response('', $status);
        });
        $this->assertSame($isPrimary, $last);
        $this->assertSame($status === 404 ? 2 : 1, $asked);
        $this->assertSame($method === 'POST', $session->get('wrote-at') >= time() - 1);
        DB::connection()->setRecordModificationState(false);
    }
}
