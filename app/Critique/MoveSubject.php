<?php

declare(strict_types=1);

namespace App\Critique;

use App\HandIn\RequestJudging;
use App\Models\Frame;
use TruePupil\Core\Composition\Region;

/**
 * Puts the subject's mark right at the desk, and has the frame judged again by it. The student's own mark is kept
 * beside it, and comes back where none is given.
 */
final readonly class MoveSubject
{
    public function __construct(private RequestJudging $judging)
    {
    }

    /** @throws CritiquePublished */
    public function handle(Frame $frame, ?Region $to): void
    {
        ChangeCritique::of($frame->attempt_id, 'its mark can no longer be moved', function () use ($frame, $to): void {
            $frame->refresh();
            $own = $frame->student_subject ?? $frame->subject;
            $this->judging->of($frame, [
                'subject' => $to ?? $own,
                'student_subject' => $to === null ? null : $own,
                'problem' => null,
            ]);
        });
    }
}
