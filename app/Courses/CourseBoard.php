<?php

declare(strict_types=1);

namespace App\Courses;

use App\Models\AttemptState;
use App\Models\BriefDates;
use App\Models\Course;
use App\Models\Extension;
use App\Models\Role;
use App\Models\SetBrief;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Who has handed in what, who waits for whom, and since when: a handful of queries, however large the course. */
final class CourseBoard
{
    public const PAGE = 30;

    /** Which students are shown. */
    public const SHOWN = [
        'all' => 'everybody',
        'waiting' => 'those who wait for you',
        'behind' => 'those who are behind',
    ];

    /** @var ?list<BriefCount> */
    private ?array $counts = null;

    /** @var ?array<int, array<int, Carbon>> */
    private ?array $extensions = null;

    private function __construct(private readonly Course $course)
    {
    }

    public static function of(Course $course): self
    {
        return new self($course);
    }

    /** @return list<BriefCount> in their order */
    public function briefs(): array
    {
        if ($this->counts !== null) {
            return $this->counts;
        }
        $students = $this->students()->count();
        $briefs = $this->listed();
        // In the order of an index: adding up conditions over every attempt takes twice as long.
        $counts = DB::table('attempts')
            ->whereIn('set_brief_id', array_map(fn (BriefCount $brief): int => $brief->setBrief, $briefs))
            ->groupBy('set_brief_id', 'number', 'state')
            ->selectRaw('set_brief_id, number, state, count(*) as count, min(handed_in_at) as oldest')
            ->get()
            ->groupBy('set_brief_id');

        return $this->counts = array_map(
            fn (BriefCount $brief): BriefCount => $brief->counted(
                $students,
                AttemptCount::of(array_values($counts->get($brief->setBrief, collect())->all())),
            ),
            $briefs,
        );
    }

    /** @return list<BriefCount> in their order, nothing counted */
    public function listed(): array
    {
        $rows = DB::table('set_briefs')
            ->where('course_id', $this->course->id)
            ->orderByRaw(SetBrief::ORDER)
            ->select('id', 'revision', 'opens_at', 'due_at', 'closes_at', 'is_hidden')
            ->selectRaw("json_value(brief, '$.number') as number, json_value(brief, '$.title') as title")
            ->get();

        return array_values(
            $rows
                ->map(
                    fn (stdClass $row): BriefCount => new BriefCount(
                        setBrief: (int) $row->id,
                        number: (int) $row->number,
                        title: (string) $row->title,
                        revision: (int) $row->revision,
                        dates: new BriefDates(
                            self::moment($row->opens_at),
                            self::moment($row->due_at),
                            self::moment($row->closes_at),
                        ),
                        hidden: (bool) $row->is_hidden,
                    ),
                )
                ->all(),
        );
    }

    /**
     * Students with their latest attempt at each brief; who has waited longest comes first, then by name.
     *
     * @param  int  $page  from 1
     * @param  bool  $withResults  whether each cell says how its checks came out
     * @return array{people: list<array{id: int, name: string, cells: array<int, BoardCell>}>, pages: int, count: int}
     */
    public function people(string $shown, int $page, bool $withResults = false): array
    {
        $briefs = array_map(fn (BriefCount $brief): int => $brief->setBrief, $this->briefs());
        $people = $this->students()
            ->join('users', 'users.id', '=', 'memberships.user_id')
            ->leftJoinSub($this->longestWaiting($briefs), 'waits', 'waits.user_id', '=', 'memberships.user_id');
        if ($shown === 'waiting') {
            $people->whereNotNull('waits.since');
        }
        if ($shown === 'behind') {
            $overdue = array_values(
                array_map(
                    fn (BriefCount $brief): int => $brief->setBrief,
                    array_filter($this->briefs(), fn (BriefCount $brief): bool => $brief->isOverdue()),
                ),
            );
            $people->whereExists(
                fn (Builder $missing): Builder => $missing
                    ->from('set_briefs')
                    ->whereIn('set_briefs.id', $overdue)
                    ->whereNotExists(
                        fn (Builder $done): Builder => $done
                            ->from('attempts')
                            ->whereColumn('attempts.set_brief_id', 'set_briefs.id')
                            ->whereColumn('attempts.user_id', 'memberships.user_id')
                            ->where('attempts.state', '!=', AttemptState::Draft->value),
                    )
                    ->whereNotExists(
                        fn (Builder $more): Builder => $more
                            ->from('extensions')
                            ->whereColumn('extensions.set_brief_id', 'set_briefs.id')
                            ->whereColumn('extensions.user_id', 'memberships.user_id')
                            ->where('extensions.due_at', '>', now()),
                    ),
            );
        }
        $count = $shown === 'all' ? $this->students()->count() : $people->count();
        $shownPeople = $people
            ->orderByRaw('waits.since is null, waits.since')
            ->orderBy('users.name')
            ->orderBy('users.id')
            ->limit(self::PAGE)
            ->offset(self::PAGE * (max(1, $page) - 1))
            ->get(['users.id', 'users.name']);
        $cells = $this->cells($briefs, $shownPeople->pluck('id')->all(), $withResults);

        return [
            'people' => array_values(
                $shownPeople
                    ->map(
                        fn (stdClass $person): array => [
                            'id' => (int) $person->id,
                            'name' => (string) $person->name,
                            'cells' => $cells[$person->id] ?? [],
                        ],
                    )
                    ->all(),
            ),
            'pages' => max(1, (int) ceil($count / self::PAGE)),
            'count' => $count,
        ];
    }

    /**
     * What stands in each column for one of them.
     *
     * @param  array{id: int, name: string, cells: array<int, BoardCell>}  $person
     * @param  array<int, array<int, Carbon>>  $extensions  more time, by brief and person
     * @return list<array{?BoardCell, BriefCount}>
     */
    public function row(array $person, array $extensions): array
    {
        return array_map(
            fn (BriefCount $brief): array => [
                $person['cells'][$brief->setBrief] ?? null,
                isset($extensions[$brief->setBrief][$person['id']])
                    ? $brief->extendedTo($extensions[$brief->setBrief][$person['id']])
                    : $brief,
            ],
            $this->briefs(),
        );
    }

    /**
     * The latest attempt of each student at each brief.
     *
     * @param  list<int>  $briefs
     * @param  array<int, int>  $people
     * @return array<int, array<int, BoardCell>>
     */
    private function cells(array $briefs, array $people, bool $withResults): array
    {
        $cells = [];
        [$utc, $zone] = [new DateTimeZone('UTC'), new DateTimeZone($this->course->timezone)];
        $attempts = DB::table('attempts')
            ->whereIn('user_id', $people)
            ->whereIn('set_brief_id', $briefs)
            ->orderBy('number')
            ->get([
                'id',
                'user_id',
                'set_brief_id',
                'number',
                'state',
                'handed_in_at',
                'opened_at',
                'returned_at',
                'created_at',
                'mark',
            ]);
        $frames = $this->firstFrames($briefs, $people);
        $dates = array_column(
            array_map(fn (BriefCount $brief): array => [$brief->setBrief, $brief->dates], $this->briefs()),
            1,
            0,
        );
        $extensions = $this->extensions();
        $latest = $attempts->keyBy(fn (stdClass $one): string => $one->user_id.' '.$one->set_brief_id);
        $results = $withResults ? self::results(array_values(array_map(intval(...), $latest->pluck('id')->all()))) : [];
        foreach ($attempts as $attempt) {
            $state = AttemptState::from($attempt->state);
            $since = match ($state) {
                AttemptState::Draft => $attempt->created_at,
                AttemptState::Waiting => $attempt->handed_in_at,
                AttemptState::AtDesk => $attempt->opened_at ?? $attempt->handed_in_at,
                AttemptState::Returned => $attempt->returned_at,
            };
            $cells[$attempt->user_id][$attempt->set_brief_id] = new BoardCell(
                (int) $attempt->id,
                (int) $attempt->number,
                $state,
                (new DateTimeImmutable($since ?? $attempt->created_at, $utc))->setTimezone($zone),
                $frames[$attempt->id] ?? null,
                $dates[$attempt->set_brief_id]
                    ->extendedTo($extensions[$attempt->set_brief_id][$attempt->user_id] ?? null)
                    ->isLate(self::moment($attempt->handed_in_at)),
                $results[$attempt->id] ?? null,
                $attempt->mark === null
                    ? null
                    : $this->course->marking->words(self::points((string) $attempt->mark)),
            );
        }

        return $cells;
    }

    /**
     * @param  list<int>  $attempts
     * @return array<int, CheckVerdicts> by attempt
     */
    private static function results(array $attempts): array
    {
        return DB::table('frames')
            ->whereIn('attempt_id', $attempts)
            ->whereNotNull('checks')
            ->get(['attempt_id', 'checks'])
            ->groupBy('attempt_id')
            ->map(fn (Collection $frames): CheckVerdicts => CheckVerdicts::of(array_values(
                $frames->map(fn (stdClass $frame): array => (array) json_decode((string) $frame->checks, true))->all(),
            )))
            ->all();
    }

    /** @return list<int> as a mark is stored */
    private static function points(string $stored): array
    {
        return array_values(array_map(intval(...), (array) json_decode($stored, true)));
    }

    /** @return array<int, array<int, Carbon>> until when students have been given more time, by set brief */
    public function extensions(): array
    {
        return $this->extensions ??= Extension::inCourse($this->course);
    }

    /**
     * @param  list<int>  $briefs
     * @param  array<int, int>  $people
     * @return array<int, int> the first frame that can be shown, by attempt
     */
    private function firstFrames(array $briefs, array $people): array
    {
        return DB::table('attempts')
            ->join('frames', 'frames.attempt_id', '=', 'attempts.id')
            ->whereIn('attempts.user_id', $people)
            ->whereIn('attempts.set_brief_id', $briefs)
            ->whereNotNull('frames.width')
            ->groupBy('attempts.id')
            ->selectRaw('attempts.id as attempt, min(frames.id) as first')
            ->pluck('first', 'attempt')
            ->map(fn (mixed $id): int => (int) $id)
            ->all();
    }

    private static function moment(?string $stored): ?Carbon
    {
        return $stored === null ? null : Carbon::parse($stored, 'UTC');
    }

    private function students(): Builder
    {
        return DB::table('memberships')
            ->where('memberships.course_id', $this->course->id)
            ->where('memberships.role', Role::Student->value);
    }

    /** @param  list<int>  $briefs */
    private function longestWaiting(array $briefs): Builder
    {
        return DB::table('attempts')
            ->whereIn('set_brief_id', $briefs)
            ->whereIn('state', [AttemptState::Waiting->value, AttemptState::AtDesk->value])
            ->groupBy('user_id')
            ->select('user_id')
            ->selectRaw('min(handed_in_at) as since');
    }
}
