<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Guest critics join with a code of their own.
        Schema::table('courses', fn (Blueprint $table) => $table->string('critic_code', 16)->nullable()->unique()->after('join_code'));
        // The latest attempts of one student over many briefs.
        Schema::table('attempts', fn (Blueprint $table) => $table->index(['user_id', 'set_brief_id', 'number']));
    }

    public function down(): void
    {
        Schema::table('attempts', fn (Blueprint $table) => $table->dropIndex(['user_id', 'set_brief_id', 'number']));
        Schema::table('courses', fn (Blueprint $table) => $table->dropColumn('critic_code'));
    }
};
