<?php

declare(strict_types=1);

namespace App\Briefs;

use App\Critique\FrameSituation;
use App\Models\AttemptState;
use App\Models\Course;
use App\Models\Frame;
use App\Models\FrameState;
use TruePupil\Core\Brief\Brief;
use TruePupil\Core\Checks\CheckEvaluation;
use TruePupil\Core\Checks\CheckResult;

/** Runs the checks of a brief that is being composed against frames that students of the course have handed in. */
final readonly class CheckPreview
{
    private const FRAMES = 3;

    /** Frames among which those of several students are looked for. */
    private const LATEST = 24;

    public function __construct(private FrameSituation $situations)
    {
    }

    /**
     * @return list<array{frame: Frame, results: array<string, CheckResult>}>
     *   the latest frames, with what each check says of them
     */
    public function run(Brief $brief, Course $course): array
    {
        $frames = Frame::query()
            ->where('state', FrameState::Judged)
            ->whereHas(
                'attempt',
                fn ($query) => $query
                    ->where('state', '!=', AttemptState::Draft)
                    ->whereHas('setBrief', fn ($query) => $query->where('course_id', $course->id)),
            )
            ->with(['picture', 'attempt.user', 'attempt.setBrief.course', 'attempt.frames'])
            ->orderByDesc('id')
            ->limit(self::LATEST)
            ->get()
            ->unique('attempt.user_id')
            ->take(self::FRAMES);
        $tried = [];
        foreach ($frames as $frame) {
            $measures = $frame->measures;
            $situation = $measures === null ? null : $this->situations->of($frame, $measures);
            if ($situation === null) {
                continue;
            }
            $results = [];
            foreach ($brief->checks as $check) {
                $results[$check->id] = CheckEvaluation::one($check, $situation);
            }
            $tried[] = ['frame' => $frame, 'results' => $results];
        }

        return $tried;
    }
}
