<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

final class HealthTest extends TestCase
{
    use RefreshDatabase;

    public function test_database_and_worker_up(): void
    {
        touch(storage_path('worker-heartbeat'));
        $this->getJson('/healthz')
            ->assertOk()
            ->assertJson(['database' => 'up', 'queue' => ['worker' => 'up', 'waiting' => 0, 'failed' => 0]])
            ->assertJson(['version' => trim((string) file_get_contents(base_path('VERSION')))]);
    }

    public function test_a_worker_that_fell_silent(): void
    {
        touch(storage_path('worker-heartbeat'), time() - 3600);
        $this->getJson('/healthz')
            ->assertStatus(503)
            ->assertJson(['database' => 'up', 'queue' => ['worker' => 'down']]);
    }
}
