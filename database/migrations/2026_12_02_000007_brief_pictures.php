<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Example pictures that an instructor puts beside a brief. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('brief_pictures', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('brief_id', 60)->nullable();
            $table->boolean('meets');
            $table->string('settings', 120)->default('');
            $table->foreignId('frame_id')->nullable()->constrained()->cascadeOnDelete();
            $table->timestamps();
            $table->index(['user_id', 'brief_id']);
        });
        DB::statement('alter table brief_pictures add column data mediumblob null');
    }

    public function down(): void
    {
        Schema::dropIfExists('brief_pictures');
    }
};
