<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What was spoken with a note: in the database, so that it goes with its note and comes back with a backup. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('note_voices', function (Blueprint $table): void {
            $table->foreignId('note_id')->primary()->constrained()->cascadeOnDelete();
            $table->string('mime', 20);
            $table->unsignedSmallInteger('seconds');
            $table->unsignedInteger('bytes');
        });
        DB::statement('alter table note_voices add column data mediumblob not null');
    }

    public function down(): void
    {
        Schema::dropIfExists('note_voices');
    }
};
