<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Marks of the teacher's own: how a course marks, and what an attempt was given. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('courses', fn (Blueprint $table) => $table->json('marking')->nullable());
        Schema::table('attempts', fn (Blueprint $table) => $table->json('mark')->nullable());
    }

    public function down(): void
    {
        Schema::table('courses', fn (Blueprint $table) => $table->dropColumn('marking'));
        Schema::table('attempts', fn (Blueprint $table) => $table->dropColumn('mark'));
    }
};
