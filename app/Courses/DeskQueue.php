<?php

declare(strict_types=1);

namespace App\Courses;

use App\Models\AttemptState;
use App\Models\Course;
use App\Models\Role;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use stdClass;

/** What waits for a critique, over all students and briefs of a course, the longest waiting first. */
final readonly class DeskQueue
{
    public const PAGE = 50;

    private function __construct(private Course $course)
    {
    }

    public static function of(Course $course): self
    {
        return new self($course);
    }

    /**
     * @param  ?int  $setBrief  only of this brief
     * @param  int  $page  from 1
     * @return array{waiting: list<array{attempt: int, number: int, student: string, brief: string, state: AttemptState, since: Carbon, frames: int, missed: int, unknown: int, shared: bool}>, pages: int, count: int}
     */
    public function page(?int $setBrief, int $page): array
    {
        $query = DB::table('attempts')->join('set_briefs', 'set_briefs.id', '=', 'attempts.set_brief_id')->where('set_briefs.course_id', $this->course->id)
            ->whereIn('attempts.state', [AttemptState::Waiting->value, AttemptState::AtDesk->value])
            ->when($setBrief !== null, fn ($query) => $query->where('attempts.set_brief_id', $setBrief));
        $count = $query->count();
        $attempts = $query->join('users', 'users.id', '=', 'attempts.user_id')->orderBy('attempts.handed_in_at')->orderBy('attempts.id')->limit(self::PAGE)->offset(self::PAGE * (max(1, $page) - 1))
            ->select('attempts.id', 'attempts.number', 'attempts.state', 'attempts.handed_in_at', 'attempts.user_id', 'users.name')->selectRaw("json_value(set_briefs.brief, '$.title') as title")->get();
        $frames = DB::table('frames')->whereIn('attempt_id', $attempts->pluck('id'))->get(['attempt_id', 'picture_id', 'checks'])->groupBy('attempt_id');
        $shared = $this->shared($frames->flatten(1)->pluck('picture_id')->unique()->values()->all());

        return [
            'waiting' => array_values($attempts->map(function (stdClass $attempt) use ($frames, $shared): array {
                $own = $frames->get($attempt->id, collect());
                $verdicts = array_merge(...array_map(fn (stdClass $frame): array => array_column((array) json_decode((string) $frame->checks, true), 'verdict'), $own->all()), ...[[]]);

                return [
                    'attempt' => (int) $attempt->id, 'number' => (int) $attempt->number, 'student' => (string) $attempt->name, 'brief' => (string) $attempt->title, 'state' => AttemptState::from($attempt->state),
                    'since' => Carbon::parse($attempt->handed_in_at, 'UTC'), 'frames' => $own->count(), 'missed' => count(array_keys($verdicts, 'missed', true)), 'unknown' => count(array_keys($verdicts, 'unknown', true)),
                    'shared' => $own->contains(fn (stdClass $frame): bool => in_array($frame->picture_id, $shared, true)),
                ];
            })->all()),
            'pages' => max(1, (int) ceil($count / self::PAGE)),
            'count' => $count,
        ];
    }

    /** Everybody's role that can see it. */
    public static function isFor(?Role $role): bool
    {
        return $role === Role::Instructor || $role === Role::Critic;
    }

    /**
     * Pictures that more than one person has handed in, in this course.
     *
     * @param  array<int, mixed>  $pictures
     * @return list<int>
     */
    private function shared(array $pictures): array
    {
        return array_map(intval(...), array_values(DB::table('frames')->join('attempts', 'attempts.id', '=', 'frames.attempt_id')->join('set_briefs', 'set_briefs.id', '=', 'attempts.set_brief_id')
            ->where('set_briefs.course_id', $this->course->id)->whereIn('frames.picture_id', $pictures)->groupBy('frames.picture_id')->havingRaw('count(distinct attempts.user_id) > 1')->pluck('frames.picture_id')->all()));
    }
}
