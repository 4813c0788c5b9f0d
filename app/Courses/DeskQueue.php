<?php

declare(strict_types=1);

namespace App\Courses;

use App\Models\AttemptState;
use App\Models\Course;
use App\Models\Extension;
use App\Models\Frame;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/** What waits for a critique, over all students and briefs of a course, the longest waiting first. */
final readonly class DeskQueue
{
    public const PAGE = 50;

    private const COLUMNS = ['id', 'number', 'state', 'handed_in_at', 'user_id', 'set_brief_id', 'reply'];

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
     * @return list<WaitingAttempt>
     */
    public function waiting(
        array $briefs,
        int $page = 1,
        int $most = self::PAGE,
        QueueOrder $order = QueueOrder::Wait,
    ): array {
        $ids = array_map(fn (BriefCount $brief): int => $brief->setBrief, $briefs);
        $attempts = $this->ordered($ids, $order)
            ->limit($most)
            ->offset($most * (max(1, $page) - 1))
            ->get(self::COLUMNS);

        return $this->described($attempts, $briefs);
    }

    /**
     * Returns whose students have answered and wait for a word.
     *
     * @param  list<BriefCount>  $briefs
     * @return list<WaitingAttempt> whoever has waited longest first
     */
    public function answers(array $briefs, int $most = self::PAGE): array
    {
        $attempts = DB::table('attempts')
            ->whereIn('set_brief_id', array_map(fn (BriefCount $brief): int => $brief->setBrief, $briefs))
            ->where('state', AttemptState::Returned->value)
            // By its index; what was taken back has no words any more.
            ->whereNotNull('replied_at')
            ->whereNotNull('reply')
            ->where(
                fn (Builder $open): Builder => $open
                    ->whereNull('answered_at')
                    ->orWhereColumn('answered_at', '<', 'replied_at'),
            )
            ->orderBy('replied_at')
            ->limit($most)
            ->get(self::COLUMNS);

        return $this->described($attempts, $briefs);
    }

    /**
     * The latest that was handed in for each of some briefs, wherever it is now.
     *
     * @param  list<BriefCount>  $briefs
     * @param  int  $most  of each brief
     * @return list<WaitingAttempt> the latest first
     */
    public function latest(array $briefs, int $most): array
    {
        $numbered = DB::table('attempts')
            ->whereIn('set_brief_id', array_map(fn (BriefCount $brief): int => $brief->setBrief, $briefs))
            ->where('state', '!=', AttemptState::Draft->value)
            ->select(self::COLUMNS)
            ->selectRaw('row_number() over (partition by set_brief_id order by handed_in_at desc, id desc) as place');

        return $this->described(
            DB::query()
                ->fromSub($numbered, 'attempts')
                ->where('place', '<=', $most)
                ->orderByDesc('handed_in_at')
                ->orderByDesc('id')
                ->get(self::COLUMNS),
            $briefs,
        );
    }

    /**
     * Of the whole course.
     *
     * @param  ?int  $first  the brief that one is at: the evening is a set, and goes on with the next brief after it
     * @return Collection<int, int> attempts
     */
    public function attempts(?int $first = null): Collection
    {
        $attempts = $this->ordered(
            array_values(array_map(intval(...), $this->course->setBriefs()->pluck('id')->all())),
            QueueOrder::Wait,
        )->get(['id', 'set_brief_id']);

        return $attempts->sortBy(fn (stdClass $one): bool => $one->set_brief_id !== $first)
            ->map(fn (stdClass $one): int => (int) $one->id)
            ->values();
    }

    /** @param  list<int>  $setBriefs */
    private function ordered(array $setBriefs, QueueOrder $order): Builder
    {
        $attempts = DB::table('attempts')
            ->whereIn('set_brief_id', $setBriefs)
            ->whereIn('state', [AttemptState::Waiting->value, AttemptState::AtDesk->value]);
        if ($order === QueueOrder::Brief && $setBriefs !== []) {
            $attempts->orderByRaw('field(set_brief_id, '.implode(', ', $setBriefs).')');
        }
        if ($order === QueueOrder::Student) {
            $attempts->orderBy(
                DB::table('users')->whereColumn('users.id', 'attempts.user_id')->select('name'),
            )->orderBy('user_id');
        }

        return $attempts->orderBy('handed_in_at')->orderBy('id');
    }

    /**
     * @param  Collection<int, stdClass>  $attempts
     * @param  list<BriefCount>  $briefs
     * @return list<WaitingAttempt>
     */
    private function described(Collection $attempts, array $briefs): array
    {
        if ($attempts->isEmpty()) {
            return [];
        }
        $byId = array_column($briefs, null, 'setBrief');
        $names = DB::table('users')
            ->whereIn('id', $attempts->pluck('user_id')->unique())
            ->pluck('name', 'id');
        $facts = $this->facts(array_map(intval(...), array_values($attempts->pluck('id')->all())));
        $extensions = Extension::inCourse($this->course);

        return array_values(
            $attempts
                ->map(function (stdClass $attempt) use ($byId, $names, $facts, $extensions): WaitingAttempt {
                    $brief = $byId[$attempt->set_brief_id];
                    $handedIn = Carbon::parse($attempt->handed_in_at, 'UTC');

                    return new WaitingAttempt(
                        attempt: (int) $attempt->id,
                        number: (int) $attempt->number,
                        student: (string) $names[$attempt->user_id],
                        brief: $brief,
                        state: AttemptState::from($attempt->state),
                        since: $handedIn,
                        isLate: $brief->dates
                            ->extendedTo($extensions[$attempt->set_brief_id][$attempt->user_id] ?? null)
                            ->isLate($handedIn),
                        hasAnswer: $attempt->reply !== null,
                        facts: $facts[(int) $attempt->id],
                    );
                })
                ->all(),
        );
    }

    /**
     * What is known of attempts before they are opened.
     *
     * @param  list<int>  $attempts
     * @return array<int, AttemptFacts> by attempt
     */
    public function facts(array $attempts): array
    {
        $frames = Frame::query()
            ->whereIn('attempt_id', $attempts)
            ->orderBy('id')
            ->get(['id', 'attempt_id', 'picture_id', 'width', 'height', 'tags', 'stated', 'checks'])
            ->groupBy('attempt_id');
        $shared = $this->shared($frames->flatten(1)->pluck('picture_id')->unique()->values()->all());
        $left = $this->left($attempts);
        $facts = [];
        foreach ($attempts as $attempt) {
            $own = $frames->get($attempt, collect());
            $facts[$attempt] = AttemptFacts::of(
                $own,
                $own->contains(fn (Frame $frame): bool => in_array($frame->picture_id, $shared, true)),
                in_array($attempt, $left, true),
            );
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
        $rows = DB::table('frames')
            ->join('attempts', 'attempts.id', '=', 'frames.attempt_id')
            ->join('set_briefs', 'set_briefs.id', '=', 'attempts.set_brief_id')
            ->where('set_briefs.course_id', $this->course->id)
            ->whereIn('frames.picture_id', $pictures)
            ->groupBy('frames.picture_id')
            ->havingRaw('count(distinct attempts.user_id) > 1')
            // From these pictures, and not from all attempts of the course.
            ->selectRaw('straight_join frames.picture_id')
            ->get();

        return array_map(intval(...), array_column($rows->all(), 'picture_id'));
    }
}
