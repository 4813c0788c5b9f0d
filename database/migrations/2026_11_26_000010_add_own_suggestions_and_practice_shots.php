<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Kept apart from what is computed: a newer analysis does not touch it.
        Schema::table(
            'frames',
            fn (Blueprint $table) => $table->json('own_suggestion')->nullable()->after('suggestions'),
        );

        // What was set on the practice camera for each file that it made.
        Schema::create('practice_shots', function (Blueprint $table): void {
            $table->id();
            $table->char('hash', 64)->unique();
            $table->json('shot');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('practice_shots');
        Schema::table('frames', fn (Blueprint $table) => $table->dropColumn('own_suggestion'));
    }
};
