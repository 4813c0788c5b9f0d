<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('attempts', function (Blueprint $table): void {
            $table->unsignedInteger('summary_revision')->default(0);
            $table->unsignedInteger('published_revision')->nullable();
            $table->foreignId('published_by')->nullable()->constrained('users')->nullOnDelete();
        });
        Schema::table('findings', function (Blueprint $table): void {
            $table->unsignedInteger('revision')->default(0);
        });
        Schema::create('summary_versions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('attempt_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            // The page that it was written on, so that nobody is in their own way.
            $table->string('page', 40);
            $table->unsignedInteger('revision');
            $table->text('text');
            // Written by somebody when somebody else had published already.
            $table->boolean('is_late')->default(false);
            $table->timestamps();
            $table->index(['attempt_id', 'id']);
        });
    }
};
