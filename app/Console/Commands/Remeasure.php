<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Critique\FrameJudge;
use App\HandIn\PictureReadings;
use App\Models\Frame;
use App\Models\FrameState;
use Illuminate\Console\Command;
use Symfony\Component\Console\Attribute\AsCommand;
use TruePupil\Core\Capture\UnreadablePicture;
use TruePupil\Core\Seen\Seen;

/** Measures and judges again what older rules judged; what was returned is only measured. Notes and decisions stay. */
#[AsCommand('pupil:remeasure')]
final class Remeasure extends Command
{
    protected $signature = 'pupil:remeasure {--all : also what the newest rules have judged already}';

    protected $description = 'Measures frames again that were judged by older rules; notes and decisions are kept';

    public function handle(PictureReadings $readings, FrameJudge $critic): int
    {
        $frames = Frame::query()
            ->where('state', FrameState::Judged)
            ->when(
                ! $this->option('all'),
                fn ($query) => $query->where(
                    fn ($older) => $older
                        ->whereNull('rules_version')
                        ->orWhere('rules_version', '<', (int) config('pupil.rules_version')),
                ),
            );
        $problems = [];
        $bar = $this->output->createProgressBar((clone $frames)->count());
        // By id, so that what is done drops out of the query without a frame being passed over.
        foreach ($frames->lazyById(20) as $frame) {
            try {
                $frame->load(['picture', 'attempt.setBrief.course']);
                $critic->judge(
                    $frame,
                    $readings->measured($frame->picture)->with($frame->marksDrawn(), $frame->seen ?? new Seen()),
                    $frame->revision,
                );
            } catch (UnreadablePicture $problem) {
                $problems[] = sprintf(
                    'Frame %d (%s) keeps its old measures. %s',
                    $frame->id,
                    $frame->original_name,
                    $problem->getMessage(),
                );
            }
            $bar->advance();
        }
        $bar->finish();
        $this->newLine();
        foreach ($problems as $problem) {
            $this->warn($problem);
        }

        return $problems === [] ? self::SUCCESS : self::FAILURE;
    }
}
