<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('users', function (Blueprint $table): void {
            // Every request compares it with what its session was begun with.
            $table->unsignedInteger('generation')->default(0);
        });
        Schema::create('password_requests', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            // Null: by whoever runs the service.
            $table->foreignId('asked_by')->nullable()->constrained('users')->cascadeOnDelete();
            $table->foreignId('course_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('way', 20);
            $table->timestamp('counts_from');
            $table->timestamp('ends_at');
            $table->timestamp('closed_at')->nullable();
            $table->timestamps();
        });
        Schema::create('start_invitations', function (Blueprint $table): void {
            $table->id();
            $table->timestamp('ends_at');
            $table->timestamp('used_at')->nullable();
            $table->timestamps();
        });
    }
};
