<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Dates, order and corrections of set briefs; courses that are over; groups; corrected and answered returns. */
return new class() extends Migration
{
    public function up(): void
    {
        Schema::table('courses', function (Blueprint $table): void {
            $table->dateTime('archived_at')->nullable();
        });
        Schema::table('memberships', function (Blueprint $table): void {
            $table->string('group_name', 40)->nullable();
        });
        Schema::table('set_briefs', function (Blueprint $table): void {
            $table->dateTime('opens_at')->nullable();
            $table->dateTime('closes_at')->nullable();
            $table->boolean('is_hidden')->default(false);
            // Null: by its dates.
            $table->unsignedInteger('position')->nullable();
            $table->dateTime('corrected_at')->nullable();
            // When students were told of it: at once, or when it opens.
            $table->dateTime('announced_at')->nullable();
        });
        DB::table('set_briefs')->update(['announced_at' => DB::raw('created_at')]);
        Schema::create('extensions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('set_brief_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->dateTime('due_at');
            $table->timestamps();
            $table->unique(['set_brief_id', 'user_id']);
        });
        Schema::table('attempts', function (Blueprint $table): void {
            // The brief as it was when the attempt was begun, where it has been corrected since.
            $table->json('brief')->nullable();
            $table->unsignedInteger('brief_revision')->nullable();
            // While a published return is being corrected; and when that was last done.
            $table->dateTime('correcting_since')->nullable();
            $table->dateTime('corrected_at')->nullable();
            $table->text('answer')->nullable();
            $table->dateTime('answered_at')->nullable();
            $table->foreignId('answered_by')->nullable()->constrained('users')->nullOnDelete();
        });
        Schema::table('roll_frames', function (Blueprint $table): void {
            // Removed, and brought back until it is cleaned away.
            $table->softDeletes();
        });
        Schema::table('users', function (Blueprint $table): void {
            // Whether frames may be shown to the class unless said otherwise; null: never asked.
            $table->boolean('shows_frames')->nullable();
        });
    }
};
