<?php

declare(strict_types=1);

namespace App\Courses;

use App\Models\AttemptState;
use App\Models\Course;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
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
     * @param  list<BriefCount>  $briefs  of the course, or those of them that are asked for
     * @param  int  $page  from 1
     * @return list<array{
     *     attempt: int,
     *     number: int,
     *     student: string,
     *     brief: string,
     *     state: AttemptState,
     *     since: Carbon,
     * }>
     */
    public function waiting(array $briefs, int $page = 1, int $most = self::PAGE): array
    {
        $titles = array_column(
            array_map(fn (BriefCount $brief): array => [$brief->setBrief, $brief->title], $briefs),
            1,
            0,
        );
        $attempts = $this->ordered(array_keys($titles))
            ->limit($most)
            ->offset($most * (max(1, $page) - 1))
            ->get(['id', 'number', 'state', 'handed_in_at', 'user_id', 'set_brief_id']);
        $names = DB::table('users')
            ->whereIn('id', $attempts->pluck('user_id')->unique())
            ->pluck('name', 'id');

        return array_values(
            $attempts
                ->map(
                    fn (stdClass $attempt): array => [
                        'attempt' => (int) $attempt->id,
                        'number' => (int) $attempt->number,
                        'student' => (string) $names[$attempt->user_id],
                        'brief' => $titles[$attempt->set_brief_id],
                        'state' => AttemptState::from($attempt->state),
                        'since' => Carbon::parse($attempt->handed_in_at, 'UTC'),
                    ],
                )
                ->all(),
        );
    }

    /**
     * Of the whole course.
     *
     * @return Collection<int, int> attempts
     */
    public function attempts(): Collection
    {
        return $this->ordered(
            array_values(array_map(intval(...), $this->course->setBriefs()->pluck('id')->all())),
        )->pluck('id');
    }

    /** @param  list<int>  $setBriefs */
    private function ordered(array $setBriefs): Builder
    {
        return DB::table('attempts')
            ->whereIn('set_brief_id', $setBriefs)
            ->whereIn('state', [AttemptState::Waiting->value, AttemptState::AtDesk->value])
            ->orderBy('handed_in_at')
            ->orderBy('id');
    }

    /**
     * What is known of attempts before they are opened.
     *
     * @param  list<int>  $attempts
     * @return array<int, array{
     *     frames: int,
     *     frame: ?int,
     *     missed: int,
     *     unknown: int,
     *     shared: bool,
     *     left: bool,
     * }>
     *   by attempt: how many frames and the first of them, checks missed and open, whether somebody else has handed in
     *   the same file, and whether its student has left the course
     */
    public function facts(array $attempts): array
    {
        $frames = DB::table('frames')
            ->whereIn('attempt_id', $attempts)
            ->orderBy('id')
            ->get(['id', 'attempt_id', 'picture_id', 'checks'])
            ->groupBy('attempt_id');
        $shared = $this->shared($frames->flatten(1)->pluck('picture_id')->unique()->values()->all());
        $left = $this->left($attempts);
        $facts = [];
        foreach ($attempts as $attempt) {
            $own = $frames->get($attempt, collect());
            $verdicts = array_merge(
                ...array_map(
                    fn (stdClass $frame): array => array_column(
                        (array) json_decode((string) $frame->checks, true),
                        'verdict',
                    ),
                    $own->all(),
                ),
                ...[[]],
            );
            $facts[$attempt] = [
                'frames' => $own->count(),
                'frame' => $own->isEmpty() ? null : (int) $own->first()->id,
                'missed' => count(array_keys($verdicts, 'missed', true)),
                'unknown' => count(array_keys($verdicts, 'unknown', true)),
                'left' => in_array($attempt, $left, true),
                'shared' => $own->contains(fn (stdClass $frame): bool => in_array($frame->picture_id, $shared, true)),
            ];
        }

        return $facts;
    }

    /**
     * Attempts whose student is not in the course any more.
     *
     * @param  list<int>  $attempts
     * @return list<int>
     */
    private function left(array $attempts): array
    {
        return array_map(
            intval(...),
            array_values(
                DB::table('attempts')
                    ->whereIn('id', $attempts)
                    ->whereNotIn(
                        'user_id',
                        DB::table('memberships')->where('course_id', $this->course->id)->select('user_id'),
                    )
                    ->pluck('id')
                    ->all(),
            ),
        );
    }

    /**
     * Pictures that more than one person has handed in, in this course.
     *
     * @param  array<int, mixed>  $pictures
     * @return list<int>
     */
    private function shared(array $pictures): array
    {
        return array_map(
            intval(...),
            array_values(
                DB::table('frames')
                    ->join('attempts', 'attempts.id', '=', 'frames.attempt_id')
                    ->join('set_briefs', 'set_briefs.id', '=', 'attempts.set_brief_id')
                    ->where('set_briefs.course_id', $this->course->id)
                    ->whereIn('frames.picture_id', $pictures)
                    ->groupBy('frames.picture_id')
                    ->havingRaw('count(distinct attempts.user_id) > 1')
                    ->pluck('frames.picture_id')
                    ->all(),
            ),
        );
    }
}
