<?php

declare(strict_types=1);

namespace App\Patterns;

use App\Models\Attempt;
use App\Models\AttemptState;
use App\Models\Frame;
use App\Models\FrameFinding;
use App\Models\SetBrief;
use App\Wording\Quantity;
use Illuminate\Support\Collection;
use TruePupil\Core\Brief\Check;
use TruePupil\Core\Checks\Verdict;
use TruePupil\Core\Critique\AskedFor;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Findings\Critic;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Severity;

/** What a class did with one brief: which findings many share, which settings were used, and what to teach next. */
final class ClassPatterns
{
    /** To teach next. */
    private const TAUGHT = 3;

    /** Frames shown with each. */
    private const SHOWN = 4;

    /** @param  Collection<int, Frame>  $frames  of each student's latest attempt */
    private function __construct(public readonly SetBrief $setBrief, private readonly Collection $frames)
    {
    }

    public static function of(SetBrief $setBrief): self
    {
        $latest = Attempt::query()
            ->where('set_brief_id', $setBrief->id)
            ->where('state', '!=', AttemptState::Draft)
            ->selectRaw('max(id) as id')
            ->groupBy('user_id')
            ->pluck('id');
        $frames = Frame::query()
            ->whereIn('attempt_id', $latest)
            ->select([
                'id',
                'attempt_id',
                'picture_id',
                'original_name',
                'row',
                'state',
                'width',
                'height',
                'tags',
                'stated',
                'checks',
                'about',
            ])
            ->with(['findings', 'attempt.user', 'picture'])
            ->orderBy('id')
            ->get();

        return new self($setBrief, $frames->toBase());
    }

    public function students(): int
    {
        return $this->frames->pluck('attempt.user_id')->unique()->count();
    }

    /**
     * Findings over the class, what most students share first; praise apart.
     *
     * @return list<array{
     *     rule: string,
     *     severity: Severity,
     *     topic: string,
     *     sentence: string,
     *     range: ?string,
     *     sides: string,
     *     students: int,
     *     share: float,
     *     frames: list<Frame>,
     * }>
     */
    public function findings(bool $isPraise = false): array
    {
        $told = AskedFor::rules(
            array_map(fn (Check $check): string => $check->measure->id, $this->setBrief->content()->checks),
            app(Critic::class)->rules,
        );
        $groups = $this->frames
            ->flatMap(
                fn (Frame $frame) => $frame->findings
                    ->filter(
                        // What checks gave is told as checks.
                        fn (FrameFinding $finding): bool => $finding->current &&
                            ! str_starts_with($finding->rule_id, AskedFor::PREFIX) &&
                            ($isPraise || ! in_array($finding->rule_id, $told, true)) &&
                            $finding->counts($frame->attempt->state) &&
                            ($finding->severity() === Severity::Praise) === $isPraise,
                    )
                    ->map(fn (FrameFinding $finding): array => ['finding' => $finding, 'frame' => $frame]),
            )
            ->groupBy(fn (array $one): string => $one['finding']->rule_id);
        $all = max(1, $this->students());
        $found = $groups->map(function (Collection $group, string $rule) use ($all): array {
            $students = $group->pluck('frame.attempt.user_id')->unique()->count();
            $first = $group->sortBy(fn (array $one): int => $one['finding']->severity()->rank())->firstOrFail();
            $found = $group->map(fn (array $one): Finding => $one['finding']->found());

            return [
                'rule' => $rule,
                'severity' => $first['finding']->severity(),
                'topic' => $first['finding']->topic()->label(),
                'sentence' => $first['finding']->sentence(),
                'range' => self::range($found),
                'sides' => FindingSides::of($found),
                'students' => $students,
                'share' => $students / $all,
                // Only what its owner allows is shown to a class.
                'frames' => array_values(
                    $group
                        ->pluck('frame')
                        ->filter(fn (Frame $frame): bool => $frame->attempt->may_show)
                        ->unique('id')
                        ->take(self::SHOWN)
                        ->all(),
                ),
            ];
        });

        return array_values(
            $found
                ->sortBy(fn (array $one): array => [-$one['students'], $one['severity']->rank(), $one['rule']])
                ->all(),
        );
    }

    /** @return list<CheckSpread> the demands that most students missed, the most missed first */
    public function toTeach(): array
    {
        $off = array_values(array_filter($this->checks(), fn (CheckSpread $one): bool => $one->studentsOff() > 0));
        usort($off, fn (CheckSpread $a, CheckSpread $b): int => [$b->studentsOff(), $b->count(Verdict::Missed)]
            <=> [$a->studentsOff(), $a->count(Verdict::Missed)]);

        return array_slice($off, 0, self::TAUGHT);
    }

    /** @return list<Frame> some that the class may see */
    public function shown(): array
    {
        return array_values(
            $this->frames
                ->filter(fn (Frame $frame): bool => $frame->attempt->may_show)
                ->unique('attempt_id')
                ->take(self::SHOWN)
                ->all(),
        );
    }

    /** @return list<CheckSpread> the checks of the brief over the class, in its order */
    public function checks(): array
    {
        $stored = [];
        foreach ($this->frames as $frame) {
            foreach ($frame->checks ?? [] as $check) {
                $stored[(string) $check['id']][] = [
                    'check' => $check,
                    'student' => $frame->attempt->user_id,
                    'frame' => $frame,
                ];
            }
        }
        // A brief that was changed meanwhile may have had others.
        $order = array_flip(array_map(fn (Check $check): string => $check->id, $this->setBrief->content()->checks));
        uksort($stored, fn (string $a, string $b): int => ($order[$a] ?? INF) <=> ($order[$b] ?? INF));

        return array_map(CheckSpread::of(...), array_values($stored));
    }

    /** @return list<ExposureSettings> of every frame that records them */
    public function settings(): array
    {
        return array_values(
            $this->frames->map(fn (Frame $frame): ?ExposureSettings => $frame->record()?->settings())->filter()->all(),
        );
    }

    /** @return array<string, int> frames by exposure mode, the most used first */
    public function modes(): array
    {
        $modes = $this->frames
            ->map(fn (Frame $frame): ?string => $frame->record()?->exposure->mode->label())
            ->filter()
            ->countBy()
            ->all();
        arsort($modes);

        return $modes;
    }

    /**
     * From which to which value a finding goes over the class: what one frame shows is not everybody's.
     *
     * @param  Collection<int, Finding>  $found
     * @return ?string null for one alone, and where it is no number
     */
    private static function range(Collection $found): ?string
    {
        $first = $found->map(fn (Finding $finding): ?Evidence => $finding->evidence[0] ?? null)->filter();
        $values = $first
            ->map(fn (Evidence $evidence): float|string => $evidence->value)
            ->filter(fn (float|string $value): bool => is_float($value));
        $evidence = $first->first();
        if ($evidence === null || $values->count() < 2 || $first->pluck('name')->unique()->count() > 1) {
            return null;
        }
        $words = fn (mixed $value): string => Quantity::quantity((float) $value, $evidence->unit);
        [$least, $most] = [$words($values->min()), $words($values->max())];

        return $evidence->name.' '.($least === $most ? $least.' in all of them' : $least.' to '.$most);
    }
}
