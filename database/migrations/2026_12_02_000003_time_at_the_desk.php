<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How long an instructor had an attempt before them; shown to that instructor alone. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('desk_times', function (Blueprint $table): void {
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignId('attempt_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('seconds')->default(0);
            $table->dateTime('signed_at');
            $table->primary(['user_id', 'attempt_id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('desk_times');
    }
};
