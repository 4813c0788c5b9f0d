<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Briefs that an instructor composed or read in. Every change is a revision of its own; none is overwritten.
        Schema::create('own_briefs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('brief_id', 64);
            $table->unsignedInteger('revision');
            $table->json('brief');
            $table->timestamps();
            $table->unique(['user_id', 'brief_id', 'revision']);
        });
        // A newer revision of a brief can be set beside the older one, which stays as it was.
        Schema::table('set_briefs', function (Blueprint $table): void {
            $table->unsignedInteger('revision')->default(1)->after('brief_id');
            $table->unique(['course_id', 'brief_id', 'revision']);
            $table->dropUnique(['course_id', 'brief_id']);
        });
    }

    public function down(): void
    {
        Schema::table('set_briefs', function (Blueprint $table): void {
            $table->unique(['course_id', 'brief_id']);
            $table->dropUnique(['course_id', 'brief_id', 'revision']);
            $table->dropColumn('revision');
        });
        Schema::dropIfExists('own_briefs');
    }
};
