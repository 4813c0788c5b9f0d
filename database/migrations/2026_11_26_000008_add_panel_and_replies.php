<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('notes', function (Blueprint $table): void {
            // What it is about, and where on the frame: fractions of it.
            $table->string('topic', 20)->nullable()->after('kind');
            $table->json('region')->nullable()->after('topic');
            // A guest critic's note is the critic's own until it is given.
            $table->dateTime('given_at')->nullable()->after('body');
        });
        // What was written before there was a choice was meant to be read.
        DB::table('notes')->update(['given_at' => DB::raw('created_at')]);
        Schema::table('attempts', function (Blueprint $table): void {
            $table->text('reply')->nullable()->after('summary');
            $table->dateTime('replied_at')->nullable()->after('returned_at');
            // Whether its frames may be shown to the class: its student says so.
            $table->boolean('may_show')->default(false)->after('reply');
        });
        // Findings that an instructor does not want to hear in a course.
        Schema::create('silenced_findings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('course_id')->constrained()->cascadeOnDelete();
            $table->string('rule_id', 80);
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamps();
            $table->unique(['course_id', 'rule_id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('silenced_findings');
        Schema::table('attempts', fn (Blueprint $table) => $table->dropColumn(['reply', 'replied_at', 'may_show']));
        Schema::table('notes', fn (Blueprint $table) => $table->dropColumn(['topic', 'region', 'given_at']));
    }
};
