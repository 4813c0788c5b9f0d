<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Accounts that can be confirmed, recovered and deleted; notices and mail; a trail; pictures that go. */
return new class() extends Migration
{
    public function up(): void
    {
        $this->people();
        $this->signIn();
        $this->notices();
        $this->courses();
        Schema::create('activity_log', function (Blueprint $table): void {
            $table->bigIncrements('id');
            $table->string('log_name')->nullable()->index();
            $table->text('description');
            $table->nullableMorphs('subject', 'subject');
            $table->string('event')->nullable();
            $table->nullableMorphs('causer', 'causer');
            $table->json('properties')->nullable();
            $table->uuid('batch_uuid')->nullable();
            $table->timestamps();
        });
    }

    private function people(): void
    {
        Schema::table('users', function (Blueprint $table): void {
            $table->dropUnique(['email']);
        });
        Schema::table('users', function (Blueprint $table): void {
            // Compared letter by letter; stored in lower case. Without one: somebody who came with a course from
            // another installation and has not claimed the account.
            $table->string('email', 190)->nullable()->collation('utf8mb4_bin')->change();
            $table->string('password')->nullable()->change();
            $table->timestamp('email_verified_at')->nullable()->after('email');
            // An address counts, and is somebody's alone, once it is confirmed.
            $table->string('confirmed_email', 190)
                ->nullable()
                ->collation('utf8mb4_bin')
                ->virtualAs('if(email_verified_at is null, null, email)')
                ->unique();
            $table->index('email');
            // The next address, until its link is followed.
            $table->string('pending_email', 190)->nullable()->collation('utf8mb4_bin');
            // Where an unclaimed account's invitation goes.
            $table->string('invited_email', 190)->nullable()->collation('utf8mb4_bin');
            $table->string('timezone', 60)->nullable();
            $table->string('locale', 12)->nullable();
            // Kinds of notices that are not wanted by mail.
            $table->json('no_mail')->nullable();
            $table->boolean('keeps_location')->default(false);
            $table->timestamp('delete_at')->nullable()->index();
        });
    }

    private function signIn(): void
    {
        Schema::create('sessions', function (Blueprint $table): void {
            $table->string('id')->primary();
            $table->foreignId('user_id')->nullable()->index();
            $table->string('ip_address', 45)->nullable();
            $table->text('user_agent')->nullable();
            $table->longText('payload');
            $table->integer('last_activity')->index();
        });
        Schema::create('password_reset_tokens', function (Blueprint $table): void {
            $table->string('email', 190)->collation('utf8mb4_bin')->primary();
            $table->string('token');
            $table->timestamp('created_at')->nullable();
        });
    }

    private function notices(): void
    {
        Schema::create('notifications', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->string('type');
            $table->morphs('notifiable');
            $table->json('data');
            $table->timestamp('read_at')->nullable();
            $table->timestamps();
        });
        // Mail that was written where there is no mail server.
        Schema::create('letters', function (Blueprint $table): void {
            $table->id();
            $table->string('to', 190)->collation('utf8mb4_bin')->index();
            $table->string('subject');
            $table->text('body');
            // Links that prove something: never shown to whoever is signed in, outside the demo.
            $table->boolean('is_secret')->default(false);
            $table->timestamps();
        });
    }

    private function courses(): void
    {
        Schema::table('courses', function (Blueprint $table): void {
            $table->boolean('asks_confirmed')->default(false);
            // Months after hand-in that attempts are kept; null: as long as the course.
            $table->unsignedSmallInteger('keeps_months')->nullable();
            // Hand-ins up to here have been told to its instructors.
            $table->dateTime('told_until')->nullable();
        });
        Schema::table('set_briefs', function (Blueprint $table): void {
            // Its students have been told that it is due.
            $table->dateTime('reminded_at')->nullable();
        });
        Schema::table('pictures', function (Blueprint $table): void {
            // The file as it came, where its location was taken out of what is kept.
            $table->char('source_hash', 64)->nullable()->index();
        });
        // Words stay when their author's account goes.
        foreach (['notes', 'what_ifs'] as $name) {
            Schema::table($name, function (Blueprint $table): void {
                $table->dropForeign(['author_id']);
                $table->unsignedBigInteger('author_id')->nullable()->change();
                $table->foreign('author_id')->references('id')->on('users')->nullOnDelete();
            });
        }
    }
};
