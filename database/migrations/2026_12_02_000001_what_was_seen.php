<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a student's browser found in a picture: people, faces and things. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('frames', fn (Blueprint $table) => $table->json('seen')->nullable()->after('marks'));
    }

    public function down(): void
    {
        Schema::table('frames', fn (Blueprint $table) => $table->dropColumn('seen'));
    }
};
