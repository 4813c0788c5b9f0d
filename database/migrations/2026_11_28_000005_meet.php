<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The meetings of a course, with what is read, drilled and set in each. */
return new class() extends Migration
{
    public function up(): void
    {
        Schema::create('meetings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('course_id')->constrained()->cascadeOnDelete();
            // Null: its day is not known yet; such stand last.
            $table->dateTime('starts_at')->nullable();
            $table->string('title', 120);
            // Ids of lessons, and of kinds of drill.
            $table->json('lessons');
            $table->json('drills');
            $table->timestamps();
            $table->index(['course_id', 'starts_at']);
        });
        Schema::table('set_briefs', function (Blueprint $table): void {
            $table->foreignId('meeting_id')->nullable()->constrained()->nullOnDelete();
        });
    }
};
