<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What nobody decided on is not sent any more, unless a course says so. What has been sent stays sent. */
return new class() extends Migration
{
    public function up(): void
    {
        Schema::table('courses', function (Blueprint $table): void {
            $table->boolean('sends_undecided')->default(false);
        });
        DB::table('findings')
            ->where('decision', 'open')
            ->where('current', true)
            ->whereIn(
                'frame_id',
                DB::table('frames')
                    ->join('attempts', 'attempts.id', '=', 'frames.attempt_id')
                    ->where('attempts.state', 'returned')
                    ->select('frames.id'),
            )
            ->update(['decision' => 'accepted']);
    }
};
