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
        Schema::table(
            'courses',
            fn (Blueprint $table) => $table->string('critic_code', 16)->nullable()->unique()->after('join_code'),
        );
        Schema::table('attempts', function (Blueprint $table): void {
            // The latest attempts of one student over many briefs, and the sums of a brief, from the index alone.
            $table->index(['user_id', 'set_brief_id', 'number']);
            $table->index(['set_brief_id', 'number', 'state', 'handed_in_at']);
        });
    }

    public function down(): void
    {
        Schema::table('attempts', function (Blueprint $table): void {
            $table->dropIndex(['user_id', 'set_brief_id', 'number']);
            $table->dropIndex(['set_brief_id', 'number', 'state', 'handed_in_at']);
        });
        Schema::table('courses', fn (Blueprint $table) => $table->dropColumn('critic_code'));
    }
};
