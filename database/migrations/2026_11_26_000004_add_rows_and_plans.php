<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Which row of the brief a frame belongs to.
        Schema::table('frames', fn (Blueprint $table) => $table->string('row', 40)->nullable()->after('original_name'));
        // What a student means to do, for one attempt at one brief.
        Schema::create('plans', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignId('set_brief_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('number');
            // As typed, so that nothing is lost of what could not be used.
            $table->json('typed');
            // Which of the offered settings was chosen, and what it was.
            $table->json('chosen')->nullable();
            $table->timestamps();
            $table->unique(['user_id', 'set_brief_id', 'number']);
        });
    }

    public function down(): void
    {
        Schema::table('frames', fn (Blueprint $table) => $table->dropColumn('row'));
        Schema::dropIfExists('plans');
    }
};
