<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A finding that an instructor does not want to hear in a course.
 *
 * @property string $rule_id
 */
final class SilencedFinding extends Model
{
    protected $table = 'silenced_findings';

    protected $fillable = ['course_id', 'rule_id', 'user_id'];

    /** Dismissals after which it is asked whether to silence. */
    public const ASKS_AFTER = 2;

    /** @return list<string> */
    public static function in(Course $course): array
    {
        return array_values(
            self::query()->where('course_id', $course->id)->orderBy('rule_id')->pluck('rule_id')->all(),
        );
    }

    /** How often a finding was dismissed in a course. */
    public static function dismissals(Course $course, string $rule): int
    {
        return FrameFinding::query()
            ->where('rule_id', $rule)
            ->where('decision', Decision::Dismissed)
            ->whereHas('frame.attempt.setBrief', fn ($query) => $query->where('course_id', $course->id))
            ->count();
    }
}
