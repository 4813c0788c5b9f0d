<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Outage;
use App\Watch\DatabaseCircuit;
use App\Watch\GuardedConnector;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Route;
use PDOException;
use Tests\TestCase;

/** A database that does not answer is asked by one request every few seconds, and everybody else is told at once. */
final class DatabaseCircuitTest extends TestCase
{
    use RefreshDatabase;

    protected function tearDown(): void
    {
        DatabaseCircuit::close();
        parent::tearDown();
    }

    public function test_after_a_failure_nobody_asks_for_five_seconds_and_then_one_does(): void
    {
        $this->assertFalse(DatabaseCircuit::isOpen());
        DatabaseCircuit::open();
        $this->assertTrue(DatabaseCircuit::isOpen());
        touch($this->file(), time() - DatabaseCircuit::PAUSE + 1);
        $this->assertTrue(DatabaseCircuit::isOpen());
        touch($this->file(), time() - DatabaseCircuit::PAUSE);
        $this->assertFalse(DatabaseCircuit::isOpen(), 'one finds out');
        $this->assertFalse(DatabaseCircuit::isShut(), 'and may ask');
        $this->assertTrue(DatabaseCircuit::isOpen(), 'while the others wait for what it finds');
        DatabaseCircuit::close();
        $this->assertFalse(DatabaseCircuit::isOpen());
    }

    public function test_while_it_is_held_to_be_away_pages_say_so_and_monitors_go_on(): void
    {
        Outage::of(new PDOException('SQLSTATE[HY000] [2002] Connection timed out'));
        $this->get('/sign-in')->assertStatus(503)->assertSee('Back in a moment')->assertHeader('Retry-After', '30');
        $this->get('/healthz')->assertOk();
        touch($this->file(), time() - DatabaseCircuit::PAUSE);
        $this->get('/sign-in')->assertOk();
        $this->assertFalse(DatabaseCircuit::isKnown(), 'it is back');
    }

    public function test_a_page_that_fails_does_not_say_that_it_is_back(): void
    {
        Route::get('/fails', fn () => abort(500));
        DatabaseCircuit::open();
        touch($this->file(), time() - DatabaseCircuit::PAUSE);
        $this->get('/fails')->assertStatus(500);
        $this->assertTrue(DatabaseCircuit::isKnown());
    }

    public function test_nobody_waits_for_it_twice(): void
    {
        $connect = fn () => (new GuardedConnector())->createConnection(
            'mysql:host=127.0.0.1;port=1',
            ['username' => 'x', 'password' => 'x'],
            [],
        );
        foreach (['Connection refused', 'held to be away'] as $says) {
            try {
                $connect();
                $this->fail('Nobody is there.');
            } catch (PDOException $problem) {
                $this->assertStringContainsString($says, $problem->getMessage());
            }
        }
        $this->assertTrue(DatabaseCircuit::isShut());
    }

    private function file(): string
    {
        return storage_path('framework/database-away');
    }
}
