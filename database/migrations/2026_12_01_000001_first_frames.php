<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The first frame of an attempt that can be shown, without a look at the frames themselves. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('frames', fn (Blueprint $table) => $table->index(['attempt_id', 'width']));
    }

    public function down(): void
    {
        Schema::table('frames', fn (Blueprint $table) => $table->dropIndex(['attempt_id', 'width']));
    }
};
