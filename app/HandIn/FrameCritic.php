<?php

declare(strict_types=1);

namespace App\HandIn;

use App\Models\Frame;
use App\Models\FrameState;
use Illuminate\Support\Facades\DB;
use TruePupil\Core\Adviser\PlacementAdviser;
use TruePupil\Core\Findings\Critic;
use TruePupil\Core\Findings\Critique;
use TruePupil\Core\Findings\Situation;
use TruePupil\Core\Measure\Measures;

/** Judges a measured frame against its brief and stores what came of it, without losing any decision made before. */
final readonly class FrameCritic
{
    public function __construct(private Critic $critic, private PlacementAdviser $adviser)
    {
    }

    public function judge(Frame $frame, Measures $measures, int $revision): void
    {
        $record = $frame->record();
        if ($record === null) {
            return;
        }
        $setBrief = $frame->attempt->setBrief;
        $brief = $setBrief->content();
        $situation = new Situation($record, $measures, $setBrief->course->approachChoices(), $brief->placement($frame->placement_id));
        $critique = Critique::of($situation, $brief, $this->critic, $this->adviser);
        $plain = $critique->toArray();

        DB::transaction(function () use ($frame, $measures, $critique, $plain, $revision): void {
            $current = Frame::query()->lockForUpdate()->find($frame->id);
            // Marks changed while this was being worked out: the newer job will judge the newer marks.
            if ($current === null || $current->revision !== $revision) {
                return;
            }
            $current->update([
                'measures' => $measures->toArray(),
                'checks' => $plain['checks'],
                'suggestions' => $plain['suggestions'],
                'silences' => $critique->silencesToArray(),
                'rules_version' => (int) config('pupil.rules_version'),
                'state' => FrameState::Judged,
                'problem' => null,
            ]);
            $current->findings()->update(['current' => false]);
            foreach ($plain['findings'] as $body) {
                $current->findings()->updateOrCreate(['rule_id' => $body['id']], ['body' => $body, 'current' => true]);
            }
        });
    }
}
