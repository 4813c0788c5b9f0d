<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Sentences that an instructor keeps, by topic. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('phrases', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('topic', 20)->nullable();
            $table->string('body', 500);
            $table->boolean('is_pinned')->default(false);
            $table->timestamps();
            $table->index(['user_id', 'is_pinned']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('phrases');
    }
};
