<?php

declare(strict_types=1);

namespace App\Practice;

use App\Models\Course;
use App\Models\DrillAnswer;
use App\Models\DrillReturn;
use App\Models\Membership;
use App\Models\Role;
use App\Models\User;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use stdClass;
use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Drill\Drill;
use TruePupil\Core\Drill\DrillKind;
use TruePupil\Core\Drill\DrillMaker;
use TruePupil\Core\Drill\DrillScene;
use TruePupil\Core\Drill\Spacing;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Metering\MeteringPattern;
use TruePupil\Core\Metering\PatternMeter;

/** Asks drills without end, harder as they are answered, and brings back what was missed. */
final readonly class Drills
{
    /** Answers that a kind's record looks back on. */
    public const RECENT = 20;

    /** Scenes for pictures that have to be told apart: enough tones, enough depth. */
    private const PICTURED = ['arcade', 'wheel', 'fountain', 'bust', 'kiln'];

    private const CHANGED = ['wheel', 'fountain', 'bust'];

    private const SPOKEN = ['pots', 'arcade', 'wheel', 'fountain', 'tricycle', 'bust', 'lanterns'];

    public function __construct(private SceneRenderer $renderer)
    {
    }

    public function make(DrillKind $kind, int $level, int $seed, string $scene, User $user): Drill
    {
        return DrillMaker::of($kind)->make($this->scene($scene), $level, $seed, $this->approach($user));
    }

    /** Of the course that somebody joined last. */
    private function approach(User $user): Approach
    {
        $last = Membership::query()->where('user_id', $user->id)->orderByDesc('id')->value('course_id');

        return Course::query()->whereKey($last)->first()?->approachChoices() ?? new Approach();
    }

    /**
     * What to ask next: what was missed and is due, or else something new of the kind that needs it most.
     *
     * @return array{kind: DrillKind, level: int, seed: int, scene: string}
     */
    public function next(User $user, ?DrillKind $kind = null): array
    {
        $due = DrillReturn::query()
            ->where('user_id', $user->id)
            ->where('due_at', '<=', Carbon::now())
            ->when($kind !== null, fn ($query) => $query->where('kind', $kind))
            ->orderBy('due_at')
            ->first();
        if ($due !== null) {
            return ['kind' => $due->kind, 'level' => $due->level, 'seed' => $due->seed, 'scene' => $due->scene];
        }
        $kind ??= $this->neediest($user);
        $seed = random_int(1, 2_000_000_000);
        $scenes = match ($kind) {
            DrillKind::Changed => self::CHANGED,
            DrillKind::Histogram => self::PICTURED,
            default => self::SPOKEN,
        };

        return [
            'kind' => $kind,
            'level' => Spacing::level($this->recent($user, $kind)),
            'seed' => $seed,
            'scene' => $scenes[$seed % count($scenes)],
        ];
    }

    /** @throws \InvalidArgumentException when the answer cannot be read; nothing is counted then */
    public function answer(User $user, Drill $drill, string $answer): bool
    {
        $isRight = $drill->isRight($answer);
        $key = [
            'user_id' => $user->id,
            'kind' => $drill->kind,
            'level' => $drill->level,
            'seed' => $drill->seed,
            'scene' => $drill->scene,
        ];
        DB::transaction(function () use ($key, $answer, $isRight): void {
            DrillAnswer::query()->create([...$key, 'answer' => mb_substr($answer, 0, 60), 'is_right' => $isRight]);
            $return = DrillReturn::query()->where($key)->lockForUpdate()->first();
            $next = Spacing::next($return?->box, $isRight);
            if ($next === null) {
                $return?->delete();

                return;
            }
            DrillReturn::query()->updateOrCreate($key, [
                'box' => $next['box'],
                'due_at' => Carbon::now()->addMinutes($next['minutes']),
            ]);
        });

        return $isRight;
    }

    /**
     * How somebody stands in each kind.
     *
     * @return list<array{kind: DrillKind, level: int, asked: int, right: int, coming: int}>
     */
    public function record(User $user): array
    {
        $coming = DrillReturn::query()
            ->where('user_id', $user->id)
            ->selectRaw('kind, count(*) as many')
            ->groupBy('kind')
            ->toBase()
            ->pluck('many', 'kind');

        return array_map(function (DrillKind $kind) use ($user, $coming): array {
            $recent = $this->recent($user, $kind);

            return [
                'kind' => $kind,
                'level' => Spacing::level($recent),
                'asked' => count($recent),
                'right' => count(array_filter($recent, fn (array $answer): bool => $answer['isRight'])),
                'coming' => (int) ($coming[$kind->value] ?? 0),
            ];
        }, DrillKind::cases());
    }

    /**
     * How each student of a course stands: answers and right ones by kind, over all that was asked.
     *
     * @return list<array{student: User, kinds: array<string, array{asked: int, right: int, hardest: int}>}>
     */
    public function ofCourse(Course $course): array
    {
        $students = $course
            ->memberships()
            ->with('user')
            ->where('role', Role::Student)
            ->orderBy('id')
            ->get()
            ->map(fn (Membership $membership): User => $membership->user);
        $answers = DrillAnswer::query()
            // What was practised before this course is none of its business.
            ->join(
                'memberships',
                fn (JoinClause $join) => $join
                    ->on('memberships.user_id', '=', 'drill_answers.user_id')
                    ->on('memberships.created_at', '<=', 'drill_answers.created_at')
                    ->where('memberships.course_id', $course->id),
            )
            ->whereIn('drill_answers.user_id', $students->modelKeys())
            ->selectRaw(
                'drill_answers.user_id, kind, count(*) as asked, sum(is_right) as correct, '.
                    'max(case when is_right then level else 0 end) as hardest',
            )
            ->groupBy('drill_answers.user_id', 'kind')
            ->toBase()
            ->get()
            ->groupBy('user_id');

        return array_values(
            $students
                ->map(
                    fn (User $student): array => [
                        'student' => $student,
                        'kinds' => ($answers->get($student->id) ?? collect())
                            ->mapWithKeys(
                                fn (stdClass $row): array => [
                                    (string) $row->kind => [
                                        'asked' => (int) $row->asked,
                                        'right' => (int) $row->correct,
                                        'hardest' => (int) $row->hardest,
                                    ],
                                ],
                            )
                            ->all(),
                    ],
                )
                ->all(),
        );
    }

    /** The kind with the fewest answers, then with the smallest share of right ones. */
    private function neediest(User $user): DrillKind
    {
        $record = $this->record($user);
        usort(
            $record,
            fn (array $a, array $b): int => [min(3, $a['asked']), $a['right'] / max(1, $a['asked'])] <=> [
                min(3, $b['asked']),
                $b['right'] / max(1, $b['asked']),
            ],
        );

        return $record[0]['kind'];
    }

    /** @return list<array{level: int, isRight: bool}> latest first */
    private function recent(User $user, DrillKind $kind): array
    {
        return array_values(
            DrillAnswer::query()
                ->where('user_id', $user->id)
                ->where('kind', $kind)
                ->orderByDesc('id')
                ->limit(self::RECENT)
                ->get()
                ->map(fn (DrillAnswer $answer): array => ['level' => $answer->level, 'isRight' => $answer->is_right])
                ->all(),
        );
    }

    private function scene(string $id): DrillScene
    {
        $scene = Scene::find($id);
        $grid = $this->renderer->meterGrid($scene, $scene->condition(null), Region::of(0, 0, 1, 1));
        $reading = fn (MeteringPattern $pattern, float $x = 0.5, float $y = 0.5): float => Ev100::of(
            (new PatternMeter($grid, ['x' => $x, 'y' => $y]))->verdict($pattern)->value ?? 0.0,
        )->value;
        $places = [];
        foreach ($scene->places as $place) {
            $places[$place->title] = $reading(MeteringPattern::Spot, $place->at[0], $place->at[1]);
        }

        return new DrillScene(
            $scene->id,
            $scene->words->title,
            $reading(MeteringPattern::Scene),
            $places,
            $scene->motion->falls !== [] || $scene->motion->turning !== null,
        );
    }
}
