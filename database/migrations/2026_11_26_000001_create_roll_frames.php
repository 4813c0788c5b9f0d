<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Frames taken with the practice camera, before any is handed in.
        Schema::create('roll_frames', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('token', 40)->unique();
            $table->string('scene', 40);
            // Everything that was set, so that the same frame can be made again.
            $table->json('settings');
            // What the camera made of it: the light, the values in use.
            $table->json('result')->nullable();
            $table->string('state', 20);
            $table->string('problem')->nullable();
            $table->timestamp('taken_at');
            $table->timestamps();
            $table->index(['user_id', 'id']);
        });
    }
};
