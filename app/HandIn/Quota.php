<?php

declare(strict_types=1);

namespace App\HandIn;

use App\Models\Attempt;
use App\Models\Frame;
use App\Models\Note;
use App\Models\NoteVoice;
use App\Models\Picture;
use App\Models\SetBrief;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;

/** How many bytes of pictures, and of what was spoken about them, a person and a course may keep. */
final readonly class Quota
{
    /** @throws HandInRefused naming how full it is */
    public function makeSure(SetBrief $setBrief, User $student, int $bytes): void
    {
        $own = (int) config('pupil.quota.person_megabytes');
        if (self::ofPerson($student) + $bytes > $own * 1_000_000) {
            throw HandInRefused::because(
                sprintf(
                    'Your pictures here take %d MB of the %d MB that a person may keep. Remove frames that you no '.
                        'longer need; nothing was kept of this one.',
                    self::ofPerson($student) / 1_000_000,
                    $own,
                ),
            );
        }
        $shared = (int) config('pupil.quota.course_megabytes');
        if (self::ofCourse($setBrief->course_id) + $bytes > $shared * 1_000_000) {
            throw HandInRefused::because(
                sprintf(
                    'The pictures of this course take all of the %d MB that it may keep. Tell the instructor; nothing '.
                        'was kept of this one.',
                    $shared,
                ),
            );
        }
    }

    /** Bytes of pictures that somebody has handed in or is preparing. */
    public static function ofPerson(User $person): int
    {
        return self::bytes(Attempt::query()->where('user_id', $person->id));
    }

    public static function ofCourse(int $course): int
    {
        return self::bytes(
            Attempt::query()->whereIn('set_brief_id', SetBrief::query()->where('course_id', $course)->select('id')),
        );
    }

    /** @param  Builder<Attempt>  $attempts */
    private static function bytes(Builder $attempts): int
    {
        $frames = Frame::query()->whereIn('attempt_id', $attempts->select('id'));

        $notes = Note::query()->whereIn('frame_id', (clone $frames)->select('id'));

        return (int) Picture::query()->whereIn('id', $frames->select('picture_id'))->sum('bytes') +
            (int) NoteVoice::query()->whereIn('note_id', $notes->select('id'))->sum('bytes');
    }
}
