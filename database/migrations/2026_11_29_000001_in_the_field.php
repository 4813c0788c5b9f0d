<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What is written down on the way: day's sheets, rolls of film, notes from the phone, and pictures to go back for. */
return new class() extends Migration
{
    public function up(): void
    {
        Schema::create('day_sheets', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignId('set_brief_id')->constrained()->cascadeOnDelete();
            // docs/formats/day-sheet.md
            $table->json('content');
            $table->timestamps();
            $table->unique(['user_id', 'set_brief_id']);
        });
        Schema::create('film_rolls', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            // docs/formats/film-roll.md, without the log
            $table->json('content');
            $table->timestamps();
            $table->index(['user_id', 'id']);
        });
        // Notes are added and never changed: what stands is the latest word on a field.
        Schema::create('field_notes', function (Blueprint $table): void {
            $table->id();
            // Given where the note was written, so that sending it twice does no harm.
            $table->uuid('uuid')->unique();
            $table->foreignId('day_sheet_id')->nullable()->constrained()->cascadeOnDelete();
            $table->foreignId('film_roll_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('entry', 12);
            $table->string('field', 12);
            $table->string('value', 500);
            // Milliseconds since 1970, by the clock of the device, and never later than when they came.
            $table->unsignedBigInteger('noted_at');
            $table->timestamps();
        });
        Schema::table('frames', function (Blueprint $table): void {
            // The scan of a frame of a roll.
            $table->foreignId('film_roll_id')->nullable()->constrained()->nullOnDelete();
            $table->string('film_frame', 4)->nullable();
        });
        Schema::table('attempts', function (Blueprint $table): void {
            // The best of several, and why; whether one would hang it, null where nobody said.
            $table->foreignId('favourite_frame_id')->nullable()->constrained('frames')->nullOnDelete();
            $table->text('favourite_reason')->nullable();
            $table->boolean('would_hang')->nullable();
        });
        Schema::create('revisits', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignId('frame_id')->constrained()->cascadeOnDelete();
            // What it takes: light, moon, tide, season, hour; docs/formats/revisit.md
            $table->json('wish');
            $table->foreignId('again_frame_id')->nullable()->constrained('frames')->nullOnDelete();
            $table->timestamps();
            $table->unique(['user_id', 'frame_id']);
        });
    }
};
