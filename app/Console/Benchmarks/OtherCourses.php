<?php

declare(strict_types=1);

namespace App\Console\Benchmarks;

use App\Models\Course;
use Illuminate\Support\Facades\DB;

/**
 * The rest of a large installation beside the course that is measured: courses of the same size, written by the
 * database itself, without pictures. Their frames lack the measures of some 30 kB, which lie outside the pages of a
 * table that a list of frames reads; everything that is looked for by an index is there.
 */
final readonly class OtherCourses
{
    private const STUDENTS = 300;

    /** Findings of each frame. */
    private const FINDINGS = 2;

    /** @param  Course  $like  whose briefs they have */
    public static function fill(Course $like, int $frames): void
    {
        $briefs = $like->setBriefs()->pluck('id')->all();
        $each = max(1, self::STUDENTS * count($briefs));
        $template = DB::table('frames')->orderBy('id')->value('id');
        for ($number = 1; $frames > 0; $number++, $frames -= $each) {
            self::course($like, $number, (int) $template, min($frames, $each));
        }
        DB::statement('analyze table courses, users, memberships, set_briefs, attempts, frames, findings');
    }

    private static function course(Course $like, int $number, int $template, int $frames): void
    {
        $course = (int) DB::table('courses')->insertGetId([
            'name' => 'Course '.$number,
            'join_code' => sprintf('F%07d', $number),
            'critic_code' => sprintf('G%07d', $number),
            'approach' => '[]',
            'created_at' => now(),
            'updated_at' => now(),
        ]);
        DB::insert(
            'insert into users (name, email, password, created_at, updated_at)
            select concat("Student ", seq), concat("s", seq, "@c", ?, ".example"), "-", now(), now()
            from seq_1_to_'.self::STUDENTS,
            [$number],
        );
        DB::insert(
            'insert into memberships (course_id, user_id, role, created_at, updated_at)
            select ?, id, "student", now(), now() from users where email like ?',
            [$course, '%@c'.$number.'.example'],
        );
        DB::insert(
            'insert into set_briefs (course_id, brief_id, brief, announced_at, due_at, created_at, updated_at)
            select ?, brief_id, brief, announced_at, due_at, now(), now() from set_briefs where course_id = ?',
            [$course, $like->id],
        );
        DB::insert(
            'insert into attempts (set_brief_id, user_id, number, state, handed_in_at, created_at, updated_at)
            select set_briefs.id, memberships.user_id, 1,
                elt(1 + (memberships.user_id + set_briefs.id) % 5, "returned", "returned", "returned", "waiting",
                    "at-desk"),
                now() - interval (memberships.user_id * 97 + set_briefs.id * 31) % 200000 minute, now(), now()
            from set_briefs join memberships using (course_id) where course_id = ?',
            [$course],
        );
        $kept = (int) DB::table('frames')->max('id');
        DB::insert(
            'insert into frames (attempt_id, picture_id, original_name, state, width, height, stated, subject, about,
                reason, rules_version, revision, created_at, updated_at)
            select attempts.id, frames.picture_id, concat("FRAME_", attempts.id, ".jpg"), "judged", frames.width,
                frames.height, frames.stated, frames.subject, frames.about, frames.reason, frames.rules_version, 1,
                attempts.handed_in_at, attempts.handed_in_at
            from attempts join set_briefs on set_briefs.id = attempts.set_brief_id join frames on frames.id = ?
            where set_briefs.course_id = ? order by attempts.id limit '.$frames,
            [$template, $course],
        );
        DB::insert(
            'insert into findings (frame_id, rule_id, body, decision, current, created_at, updated_at)
            select frames.id, concat("filling.", seq), \'{"id": "filling"}\', "open", 1, now(), now()
            from frames join seq_1_to_'.self::FINDINGS.' where frames.id > ?',
            [$kept],
        );
    }
}
