<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('pictures', function (Blueprint $table) {
            $table->id();
            // SHA-256 of the file: the same picture is stored once, whoever hands it in.
            $table->char('hash', 64)->unique();
            $table->unsignedBigInteger('bytes');
            $table->string('mime', 40);
            $table->timestamps();
        });
        Schema::create('attempts', function (Blueprint $table) {
            $table->id();
            $table->foreignId('set_brief_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('number');
            $table->string('state', 16);
            $table->text('summary')->nullable();
            $table->dateTime('handed_in_at')->nullable();
            $table->dateTime('opened_at')->nullable();
            $table->dateTime('returned_at')->nullable();
            $table->timestamps();
            $table->unique(['set_brief_id', 'user_id', 'number']);
            $table->index(['set_brief_id', 'state', 'handed_in_at']);
        });
        Schema::create('frames', function (Blueprint $table) {
            $table->id();
            $table->foreignId('attempt_id')->constrained()->cascadeOnDelete();
            $table->foreignId('picture_id')->constrained();
            $table->string('original_name', 190);
            $table->string('state', 16);
            $table->text('problem')->nullable();
            $table->unsignedInteger('width')->nullable();
            $table->unsignedInteger('height')->nullable();
            $table->json('tags')->nullable();
            $table->json('typed')->nullable();
            $table->json('subject')->nullable();
            $table->string('placement_id', 40)->nullable();
            $table->text('about')->nullable();
            $table->text('reason')->nullable();
            $table->json('measures')->nullable();
            $table->json('checks')->nullable();
            $table->json('suggestions')->nullable();
            $table->json('silences')->nullable();
            $table->unsignedTinyInteger('chosen_suggestion')->nullable();
            $table->unsignedSmallInteger('rules_version')->nullable();
            // Which marks and typed fields the stored judgement belongs to.
            $table->unsignedInteger('revision')->default(0);
            $table->timestamps();
            $table->unique(['attempt_id', 'picture_id']);
        });
        Schema::create('findings', function (Blueprint $table) {
            $table->id();
            $table->foreignId('frame_id')->constrained()->cascadeOnDelete();
            $table->string('rule_id', 80);
            $table->json('body');
            $table->string('decision', 16)->default('open');
            $table->text('wording')->nullable();
            $table->text('dismissal')->nullable();
            $table->foreignId('decided_by')->nullable()->constrained('users')->nullOnDelete();
            // False when a newer analysis no longer makes this finding; what was decided about it is kept.
            $table->boolean('current')->default(true);
            $table->timestamps();
            $table->unique(['frame_id', 'rule_id']);
        });
        Schema::create('notes', function (Blueprint $table) {
            $table->id();
            $table->foreignId('frame_id')->constrained()->cascadeOnDelete();
            $table->foreignId('author_id')->constrained('users');
            $table->string('kind', 16);
            $table->string('fixed', 16)->nullable();
            $table->text('body');
            // Made by the form, so that a second click does not write the note twice.
            $table->uuid('token')->unique();
            $table->timestamps();
        });
    }
};
