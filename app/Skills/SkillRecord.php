<?php

declare(strict_types=1);

namespace App\Skills;

use App\Models\Attempt;
use App\Models\AttemptState;
use App\Models\Course;
use App\Models\DrillAnswer;
use App\Models\Frame;
use App\Models\FrameFinding;
use App\Models\Membership;
use App\Models\User;
use App\Wording\ChecksTold;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use TruePupil\Core\Findings\Topic;

/**
 * A student's way through a course, topic by topic and attempt by attempt, from what was found, checked and drilled.
 * Every point can be traced to its frames; nothing is added up into one grade.
 */
final class SkillRecord
{
    /**
     * @param  Collection<int, Attempt>  $attempts  in the order of their hand-in
     * @param  ?Carbon  $drillsSince  drills that were answered before are left out
     */
    private function __construct(
        public readonly User $student,
        public readonly Collection $attempts,
        private readonly ?Carbon $drillsSince,
    ) {
    }

    /** @param  bool  $isStudent  whether the student looks: then only what was returned counts */
    public static function of(Course $course, User $student, bool $isStudent): self
    {
        $attempts = Attempt::query()
            ->where('user_id', $student->id)
            ->whereHas('setBrief', fn ($query) => $query->where('course_id', $course->id))
            ->when($isStudent, fn ($query) => $query->where('state', AttemptState::Returned))
            ->where('state', '!=', AttemptState::Draft)
            ->with([
                'setBrief',
                'frames' => fn ($query) => $query->select(['id', 'attempt_id', 'original_name', 'checks']),
                'frames.findings',
            ])
            ->orderBy('handed_in_at')
            ->orderBy('id')
            ->get();

        // For others, what was practised before this course is none of its business.
        $joined = $isStudent
            ? null
            : Membership::query()->where('course_id', $course->id)->where('user_id', $student->id)->value('created_at');

        return new self($student, $attempts->toBase(), $joined === null ? null : Carbon::parse((string) $joined));
    }

    /** @return list<Topic> that something was said of */
    public function topics(): array
    {
        $said = $this->attempts
            ->flatMap(
                fn (Attempt $attempt) => $this->findings($attempt)->map(
                    fn (FrameFinding $finding): string => $finding->topic()->value,
                ),
            )
            ->unique()
            ->all();

        return array_values(
            array_filter(Topic::cases(), fn (Topic $topic): bool => in_array($topic->value, $said, true)),
        );
    }

    /** The heaviest thing that was said of a topic in an attempt; null where nothing was. */
    public function point(Attempt $attempt, Topic $topic): ?SkillPoint
    {
        $found = $this->findings($attempt)
            ->filter(fn (FrameFinding $finding): bool => $finding->topic() === $topic)
            ->sortBy(fn (FrameFinding $finding): int => $finding->severity()->rank())
            ->values();
        $first = $found->first();

        return $first === null
            ? null
            : new SkillPoint(
                $first->severity(),
                array_values($found->map(fn (FrameFinding $finding): string => $finding->sentence())->all()),
            );
    }

    /** How the checks of an attempt came out, of all that its brief asked. */
    public function checks(Attempt $attempt): ChecksTold
    {
        return ChecksTold::of($attempt->frames->flatMap(fn (Frame $frame): array => $frame->checks ?? []));
    }

    /** @return array<string, array{right: int, all: int}> drills by kind, all answers */
    public function drills(): array
    {
        $rows = DrillAnswer::query()
            ->where('user_id', $this->student->id)
            ->when($this->drillsSince !== null, fn ($query) => $query->where('created_at', '>=', $this->drillsSince))
            ->selectRaw('kind, count(*) as answers, sum(is_right) as good')
            ->groupBy('kind')
            ->orderBy('kind')
            ->toBase()
            ->get();

        return $rows
            ->mapWithKeys(
                fn (\stdClass $row): array => [
                    (string) $row->kind => ['right' => (int) $row->good, 'all' => (int) $row->answers],
                ],
            )
            ->all();
    }

    /** @return list<list<string|int>> one point a row, for a school that wants them */
    public function points(): array
    {
        $rows = [['student', 'handedInAt', 'brief', 'attempt', 'topic', 'severity', 'sentences']];
        foreach ($this->attempts as $attempt) {
            foreach ($this->topics() as $topic) {
                $point = $this->point($attempt, $topic);
                if ($point !== null) {
                    $rows[] = [
                        $this->student->name,
                        (string) $attempt->handed_in_at?->toIso8601ZuluString(),
                        $attempt->setBrief->brief_id,
                        $attempt->number,
                        $topic->value,
                        $point->severity->value,
                        implode(' | ', $point->sentences),
                    ];
                }
            }
        }

        return $rows;
    }

    /** @return Collection<int, FrameFinding> that count */
    private function findings(Attempt $attempt): Collection
    {
        return $attempt->frames
            ->flatMap(fn (Frame $frame) => $frame->findings)
            ->filter(fn (FrameFinding $finding): bool => $finding->current
                && $finding->counts($attempt->state))
            ->toBase();
    }
}
