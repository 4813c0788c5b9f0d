<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Watch\DatabaseCircuit;
use ErrorException;
use Illuminate\Contracts\Foundation\MaintenanceMode;
use Illuminate\Foundation\MaintenanceModeManager;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\Pictures;
use Tests\Support\World;
use Tests\TestCase;

/** Whatever is missing on our side, a page of our own says so, and what is answered is answered safely. */
final class OutageTest extends TestCase
{
    use RefreshDatabase;

    private const HEADERS = [
        'Content-Security-Policy',
        'X-Content-Type-Options',
        'X-Frame-Options',
        'Referrer-Policy',
        'Cross-Origin-Opener-Policy',
    ];

    protected function tearDown(): void
    {
        DatabaseCircuit::close();
        parent::tearDown();
    }

    public function test_the_database_is_down(): void
    {
        config(['session.driver' => 'database', 'database.connections.away' => [
            ...config('database.connections.mariadb'),
            'port' => '1',
        ]]);
        config(['database.default' => 'away']);
        app('session')->forgetDrivers();
        foreach (['/', '/sign-in', '/courses/1'] as $path) {
            $response = $this->get($path)->assertStatus(503)->assertSee('Back in a moment')->assertSee('in the form');
            $this->assertTrue($response->headers->has('Retry-After'));
            $this->assertSafe($response->headers->all());
        }
        $this->getJson('/courses/1')->assertStatus(503)->assertJson([
            'message' => 'The database does not answer just now. What you typed is still here; try again in a minute.',
        ]);
        // It lives all the same, and says what it lacks.
        $this->get('/healthz')->assertOk();
        config(['database.connections.primary.port' => '1']);
        $this->get('/readyz')->assertStatus(503)->assertJsonPath('parts.database.ok', false);
        config(['database.default' => 'mariadb']);
        DB::purge('away');
        DB::purge('primary');
    }

    public function test_what_keeps_whether_it_is_being_looked_after_is_away_itself(): void
    {
        config([
            'app.maintenance' => ['driver' => 'cache', 'store' => 'redis'],
            'database.redis.default.port' => 1,
            'database.redis.cache.port' => 1,
        ]);
        foreach ([MaintenanceModeManager::class, MaintenanceMode::class, 'redis', 'cache'] as $part) {
            $this->app->forgetInstance($part);
        }
        $this->get('/sign-in')->assertStatus(503)->assertSee('Back in a moment');
        $this->getJson('/sign-in')->assertStatus(503)->assertJson(
            ['message' => 'A part of the service does not answer just now. What you typed is still here; try again in '.
                'a minute.'],
        );
    }

    public function test_while_it_is_being_looked_after_people_are_told_and_monitors_go_on(): void
    {
        Artisan::call('down', ['--retry' => 20]);
        try {
            $this->get('/sign-in')->assertStatus(503)->assertSee('Back in a moment')->assertHeader('Retry-After', '20');
            foreach ([['Accept' => 'application/json'], ['HX-Request' => 'true']] as $headers) {
                $answer = $this->get('/sign-in', $headers)->assertStatus(503)->assertHeader('Retry-After', '20');
                $this->assertStringStartsWith('The service is being looked after.', $answer->json('message'));
            }
            $this->get('/healthz')->assertOk();
        } finally {
            Artisan::call('up');
        }
        $this->get('/sign-in')->assertOk();
    }

    public function test_the_disk_is_full(): void
    {
        $says = 'file_put_contents(): Write of 9 bytes failed with errno=28 No space left on device';
        $write = fn () => throw new ErrorException($says);
        Route::middleware('web')->get('/fills-the-disk', $write);
        $this->get('/fills-the-disk')->assertStatus(507)->assertSee('The disk is full')->assertSee('keep your files');
    }

    #[DataProvider('pages')]
    public function test_every_refusal_is_a_page_of_our_own(int $status, string $says): void
    {
        Route::middleware('web')->get('/refused', fn () => abort($status));
        $response = $this->get('/refused')->assertStatus($status)->assertSee($says)->assertSee('To the courses');
        $this->assertSafe($response->headers->all());
    }

    public static function pages(): iterable
    {
        yield [403, 'Not yours to open'];
        yield [404, 'Nothing here'];
        yield [410, 'This link has been used'];
        yield [413, 'Too large'];
        yield [419, 'Open for too long'];
        yield [429, 'Slow down a little'];
        yield [500, 'Something broke on our side'];
        yield [503, 'Back in a moment'];
        yield [507, 'The disk is full'];
    }

    public function test_pages_pictures_and_data_are_all_answered_safely(): void
    {
        $world = World::make();
        $attempt = $world->handedIn();
        $this->actingAs($world->student);
        foreach (
            ['/healthz', '/', '/nothing', route('frames.picture', $attempt->frames->first()), route('notices')] as $path
        ) {
            $this->assertSafe($this->get($path)->headers->all());
        }
    }

    public function test_names_of_files_bring_no_control_characters_along(): void
    {
        $world = World::make();
        $name = "../../pot\u{202E}gpj.\x07\x1b[31m exe\u{2028}.jpg";
        $this->actingAs($world->student)->post(route('frames.store', $world->setBrief), [
            'pictures' => [World::upload(Pictures::jpeg(), $name)],
        ]);
        $this->assertSame('potgpj.[31m exe.jpg', $world->setBrief->attempts()->sole()->frames->sole()->original_name);
    }

    /** @param  array<string, mixed>  $headers */
    private function assertSafe(array $headers): void
    {
        foreach (self::HEADERS as $name) {
            $this->assertArrayHasKey(strtolower($name), $headers);
        }
    }
}
