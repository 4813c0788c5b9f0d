<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The first schema. Later migrations only add to it. docs/database.md has the diagram. */
return new class extends Migration
{
    public function up(): void
    {
        $this->people();
        $this->courses();
        $this->attempts();
        $this->critique();
        $this->practice();
        $this->queue();
    }

    private function people(): void
    {
        Schema::create('users', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120);
            $table->string('email', 190)->unique();
            $table->string('password');
            $table->rememberToken();
            // As kit files have it: bodies, lenses, supports, filters, flash, film.
            $table->json('kit')->nullable();
            // Which of the first settings were ticked by hand.
            $table->json('first_settings')->nullable();
            $table->timestamps();
        });
        Schema::create('settings_banks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->json('bank');
            $table->timestamps();
            $table->index(['user_id', 'id']);
        });
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
    }

    private function courses(): void
    {
        Schema::create('courses', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120);
            $table->string('place', 120)->nullable();
            // Due dates are stored in UTC and shown in the time of the place where the course meets.
            $table->string('timezone', 60)->default('UTC');
            $table->string('join_code', 16)->unique();
            // Guest critics join with a code of their own.
            $table->string('critic_code', 16)->nullable()->unique();
            $table->json('approach');
            $table->timestamps();
        });
        Schema::create('memberships', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('course_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('role', 16);
            $table->timestamps();
            $table->unique(['course_id', 'user_id']);
        });
        Schema::create('set_briefs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('course_id')->constrained()->cascadeOnDelete();
            $table->string('brief_id', 64);
            $table->unsignedInteger('revision')->default(1);
            // The brief as it was when it was set: it never changes under the students.
            $table->json('brief');
            $table->dateTime('due_at')->nullable();
            $table->timestamps();
            // A newer revision of a brief can be set beside the older one, which stays as it was.
            $table->unique(['course_id', 'brief_id', 'revision']);
        });
        // What a student means to do for one attempt at one brief.
        Schema::create('plans', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignId('set_brief_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('number');
            // The texts of the form as typed, so that nothing is lost of what could not be used.
            $table->json('input');
            // The suggestion that was chosen of those that were offered.
            $table->json('chosen')->nullable();
            $table->timestamps();
            $table->unique(['user_id', 'set_brief_id', 'number']);
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

    private function attempts(): void
    {
        Schema::create('pictures', function (Blueprint $table): void {
            $table->id();
            // SHA-256 of the file: the same picture is stored once, whoever hands it in.
            $table->char('hash', 64)->unique();
            $table->unsignedBigInteger('bytes');
            $table->string('mime', 40);
            $table->timestamps();
        });
        Schema::create('attempts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('set_brief_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('number');
            $table->string('state', 16);
            $table->text('summary')->nullable();
            $table->text('reply')->nullable();
            // Whether its frames may be shown to the class: its student says so.
            $table->boolean('may_show')->default(false);
            $table->dateTime('handed_in_at')->nullable();
            $table->dateTime('opened_at')->nullable();
            $table->dateTime('returned_at')->nullable();
            $table->dateTime('replied_at')->nullable();
            $table->timestamps();
            $table->unique(['set_brief_id', 'user_id', 'number']);
            $table->index(['set_brief_id', 'state', 'handed_in_at']);
            // The latest attempts of one student over many briefs, and the sums of a brief, from the index alone.
            $table->index(['user_id', 'set_brief_id', 'number']);
            $table->index(['set_brief_id', 'number', 'state', 'handed_in_at']);
        });
        Schema::create('frames', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('attempt_id')->constrained()->cascadeOnDelete();
            $table->foreignId('picture_id')->constrained();
            $table->string('original_name', 190);
            // Which row of the brief it belongs to.
            $table->string('row', 40)->nullable();
            $table->string('state', 16);
            $table->text('problem')->nullable();
            $table->unsignedInteger('width')->nullable();
            $table->unsignedInteger('height')->nullable();
            $table->json('tags')->nullable();
            // What the student stated where the record has gaps, and what the picture was meant to show.
            $table->json('stated')->nullable();
            $table->json('intent')->nullable();
            $table->json('subject')->nullable();
            $table->json('marks')->nullable();
            $table->string('placement_id', 40)->nullable();
            $table->text('about')->nullable();
            $table->text('reason')->nullable();
            $table->json('measures')->nullable();
            $table->json('checks')->nullable();
            $table->json('suggestions')->nullable();
            // Kept apart from what is computed: a newer analysis does not touch it.
            $table->json('instructor_suggestion')->nullable();
            // Why nothing meets every demand, where nothing does.
            $table->json('impossible')->nullable();
            $table->json('unmet_needs')->nullable();
            $table->unsignedTinyInteger('chosen_suggestion')->nullable();
            $table->unsignedSmallInteger('rules_version')->nullable();
            // Which marks and stated values the stored judgement belongs to.
            $table->unsignedInteger('revision')->default(0);
            $table->timestamps();
            $table->unique(['attempt_id', 'picture_id']);
        });
    }

    private function critique(): void
    {
        Schema::create('findings', function (Blueprint $table): void {
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
        Schema::create('notes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('frame_id')->constrained()->cascadeOnDelete();
            $table->foreignId('author_id')->constrained('users');
            $table->string('kind', 16);
            $table->string('topic', 20)->nullable();
            // Where on the frame, as fractions of it.
            $table->json('region')->nullable();
            $table->string('fixed', 16)->nullable();
            $table->text('body');
            // A guest critic's note is the critic's own until it is given.
            $table->dateTime('given_at')->nullable();
            // Made by the form, so that a second click does not write the note twice.
            $table->uuid('token')->unique();
            $table->timestamps();
        });
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

    private function practice(): void
    {
        // What was set on the practice camera for each file that it made.
        Schema::create('practice_shots', function (Blueprint $table): void {
            $table->id();
            $table->char('hash', 64)->unique();
            $table->json('shot');
            $table->timestamps();
        });
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

    private function queue(): void
    {
        Schema::create('jobs', function (Blueprint $table): void {
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });
        Schema::create('failed_jobs', function (Blueprint $table): void {
            $table->id();
            $table->string('uuid')->unique();
            $table->text('connection');
            $table->text('queue');
            $table->longText('payload');
            $table->longText('exception');
            $table->timestamp('failed_at')->useCurrent();
        });
    }
};
