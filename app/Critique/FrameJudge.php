<?php

declare(strict_types=1);

namespace App\Critique;

use App\Models\AttemptState;
use App\Models\Frame;
use App\Models\FrameFinding;
use App\Models\FrameState;
use App\Models\SilencedFinding;
use Illuminate\Support\Facades\DB;
use TruePupil\Core\Critique\Critique;
use TruePupil\Core\Findings\Critic;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Measures\FrameMeasures;

/** Judges a measured frame against its brief and stores what came of it, without losing any decision made before. */
final readonly class FrameJudge
{
    /** Of a transaction that meets another. */
    private const TRIES = 3;

    public function __construct(private Critic $critic, private FrameSituation $situations)
    {
    }

    public function judge(Frame $frame, FrameMeasures $measures, int $revision): void
    {
        $situation = $this->situations->of($frame, $measures);
        if ($situation === null) {
            return;
        }
        $critique = Critique::of($situation, $this->critic, [
            ...SilencedFinding::in($frame->attempt->setBrief->course),
            ...$this->said($frame),
        ]);
        $plain = $critique->toArray();

        DB::transaction(function () use ($frame, $measures, $critique, $plain, $revision): void {
            $current = Frame::query()->lockForUpdate()->find($frame->id);
            // Marks changed while this was being worked out: the newer job will judge the newer marks.
            if ($current === null || $current->revision !== $revision) {
                return;
            }
            // What was returned to a student is the instructor's word; newer rules may measure, but not speak in it.
            if ($frame->attempt->state === AttemptState::Returned) {
                $current->update([
                    'measures' => $measures,
                    'rules_version' => (int) config('pupil.rules_version'),
                ]);

                return;
            }
            $current->update([
                'measures' => $measures,
                'checks' => $plain['checks'],
                'suggestions' => $critique->advice->suggestions,
                'impossible' => $plain['impossible'],
                'unmet_needs' => $critique->unmetNeedsToArray(),
                'rules_version' => (int) config('pupil.rules_version'),
                'state' => FrameState::Judged,
                'problem' => null,
            ]);
            $current->findings()->update(['current' => false]);
            foreach ($critique->findings as $finding) {
                $current
                    ->findings()
                    ->updateOrCreate(['rule_id' => $finding->id], ['body' => $finding, 'current' => true]);
            }
        }, self::TRIES);
        $this->closeSeries($frame);
    }

    /** @return list<string> ids of what is heard once, and its student heard in this course before */
    private function said(Frame $frame): array
    {
        $once = array_filter(
            $this->critic->rules,
            fn (FindingRule $rule): bool => $rule->declared()->isSaidOnce,
        );

        return array_values(
            FrameFinding::query()
                ->whereIn('rule_id', array_map(fn (FindingRule $rule): string => $rule->id(), $once))
                ->where('current', true)
                ->where('frame_id', '<', $frame->id)
                ->whereRelation('frame.attempt', 'user_id', $frame->attempt->user_id)
                ->whereRelation('frame.attempt.setBrief', 'course_id', $frame->attempt->setBrief->course_id)
                ->distinct()
                ->pluck('rule_id')
                ->all(),
        );
    }

    /** What is said of a row of frames is said of its last one, which is judged again when another of them changes. */
    private function closeSeries(Frame $frame): void
    {
        $last = $this->situations->lastOfSeries($frame);
        $measures =
            $last === null || $last->id === $frame->id || $last->state !== FrameState::Judged ? null : $last->measures;
        if ($last !== null && $measures !== null) {
            $this->judge($last, $measures, $last->revision);
        }
    }
}
