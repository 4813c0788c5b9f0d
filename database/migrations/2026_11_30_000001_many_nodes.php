<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Schema;

/** What nodes share: cache and locks where there is nothing better, who is at work, briefs from packs. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('cache', function (Blueprint $table): void {
            $table->string('key')->primary();
            $table->mediumText('value');
            $table->integer('expiration')->index();
        });
        Schema::create('cache_locks', function (Blueprint $table): void {
            $table->string('key')->primary();
            $table->string('owner');
            $table->integer('expiration')->index();
        });
        Schema::create('nodes', function (Blueprint $table): void {
            $table->string('name')->primary();
            $table->unsignedSmallInteger('workers');
            $table->unsignedSmallInteger('busy');
            $table->string('version', 40);
            $table->decimal('clock', 14, 3);
            $table->dateTime('seen_at', 3);
        });
        Schema::create('service_events', function (Blueprint $table): void {
            $table->string('name', 40)->primary();
            $table->dateTime('at');
        });
        // What waits, whoever it belongs to.
        Schema::table('frames', fn (Blueprint $table) => $table->index(['state', 'updated_at']));
        // Answers that wait for a word.
        Schema::table('attempts', fn (Blueprint $table) => $table->index(['set_brief_id', 'replied_at']));
        Schema::create('read_briefs', function (Blueprint $table): void {
            $table->string('id', 120)->primary();
            $table->json('brief');
        });
        Schema::table('users', function (Blueprint $table): void {
            $table->boolean('is_operator')->default(false);
        });
        foreach (File::glob(storage_path('app/briefs/*.json')) as $path) {
            DB::table('read_briefs')->insert(['id' => basename($path, '.json'), 'brief' => File::get($path)]);
        }
    }
};
