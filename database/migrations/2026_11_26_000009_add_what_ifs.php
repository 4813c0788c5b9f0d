<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // How a frame would look otherwise: a recipe, never a changed picture.
        Schema::create('what_ifs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('frame_id')->constrained()->cascadeOnDelete();
            $table->foreignId('author_id')->constrained('users');
            $table->string('title', 120);
            $table->json('recipe');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('what_ifs');
    }
};
