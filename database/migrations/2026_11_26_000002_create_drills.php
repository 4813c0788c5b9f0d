<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('drill_answers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 30);
            $table->unsignedTinyInteger('level');
            $table->unsignedInteger('seed');
            $table->string('scene', 40);
            $table->string('answer', 60);
            $table->boolean('is_right');
            $table->timestamps();
            $table->index(['user_id', 'kind', 'id']);
        });
        // Questions that were missed and come back.
        Schema::create('drill_returns', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 30);
            $table->unsignedTinyInteger('level');
            $table->unsignedInteger('seed');
            $table->string('scene', 40);
            $table->unsignedTinyInteger('box');
            $table->timestamp('due_at');
            $table->timestamps();
            $table->unique(['user_id', 'kind', 'level', 'seed', 'scene']);
            $table->index(['user_id', 'due_at']);
        });
    }
};
