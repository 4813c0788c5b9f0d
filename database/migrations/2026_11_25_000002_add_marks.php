<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a student draws on a frame besides its subject. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('frames', function (Blueprint $table): void {
            $table->json('marks')->nullable()->after('subject');
        });
    }

    public function down(): void
    {
        Schema::table('frames', function (Blueprint $table): void {
            $table->dropColumn('marks');
        });
    }
};
