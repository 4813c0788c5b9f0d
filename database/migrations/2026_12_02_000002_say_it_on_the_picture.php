<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What is put right and said on the picture at the desk: the subject's mark, and what a note points at. */
return new class extends Migration
{
    public function up(): void
    {
        // The student's own mark, where the desk has moved it.
        Schema::table('frames', fn (Blueprint $table) => $table->json('student_subject')->nullable()->after('subject'));
        Schema::table('notes', fn (Blueprint $table) => $table->json('pointing')->nullable()->after('region'));
    }

    public function down(): void
    {
        Schema::table('frames', fn (Blueprint $table) => $table->dropColumn('student_subject'));
        Schema::table('notes', fn (Blueprint $table) => $table->dropColumn('pointing'));
    }
};
