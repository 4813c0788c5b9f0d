<?php

declare(strict_types=1);

namespace App\Field;

use App\HandIn\HandInRefused;
use App\HandIn\LockedAttempt;
use App\HandIn\RequestJudging;
use App\Models\Attempt;
use App\Models\AttemptStep;
use App\Models\FilmRoll;
use App\Models\Frame;
use App\Models\FrameState;
use TruePupil\Core\Capture\StatedFields;
use TruePupil\Core\Roll\RollLog;

/** Says which frames of a roll the pictures of an attempt are scans of, and fills their gaps from its log. */
final readonly class MatchScans
{
    public function __construct(private RequestJudging $judging)
    {
    }

    /**
     * @param  array<int, string>  $numbers  frame numbers by ids of the attempt's frames; empty: none
     * @return int how many are matched now
     *
     * @throws HandInRefused when the attempt has been handed in
     */
    public function handle(Attempt $attempt, FilmRoll $roll, array $numbers): int
    {
        $log = $roll->log();

        return LockedAttempt::change($attempt->id, function (Attempt $attempt) use ($roll, $log, $numbers): int {
            if (! $attempt->state->allows(AttemptStep::Prepare)) {
                throw HandInRefused::because('This attempt has been handed in; its frames can no longer change.');
            }
            $matched = 0;
            foreach ($attempt->frames()->with('filmRoll.fieldNotes')->get() as $frame) {
                $number = $numbers[$frame->id] ?? '';
                if ($number === '' && $frame->film_roll_id !== $roll->id) {
                    // It is of another roll, or of none.
                    continue;
                }
                $typed = self::typed($frame);
                $changes = [
                    'film_roll_id' => $number === '' ? null : $roll->id,
                    'film_frame' => $number === '' ? null : $number,
                    'stated' => $number === '' ? $typed : $typed->orElse(self::logged($log, $number)),
                ];
                $matched += $number === '' ? 0 : 1;
                $this->change($frame, $changes);
            }

            return $matched;
        });
    }

    /** What was typed by hand: not what the log said of the frame that it was taken for before. */
    private static function typed(Frame $frame): StatedFields
    {
        $stated = $frame->stated ?? new StatedFields();

        return $frame->filmRoll === null || $frame->film_frame === null
            ? $stated
            : $stated->without(self::logged($frame->filmRoll->log(), $frame->film_frame));
    }

    private static function logged(RollLog $log, string $number): StatedFields
    {
        $line = $log->line($number);

        return new StatedFields(
            fNumber: $line?->aperture,
            exposureTime: $line?->time,
            iso: $log->roll->index(),
            focalLength: $line?->focalLength,
        );
    }

    /** @param  array<string, mixed>  $changes */
    private function change(Frame $frame, array $changes): void
    {
        $frame->fill($changes);
        if (! $frame->isDirty()) {
            return;
        }
        // What has been judged, or waits for it, is judged with what is known now.
        $frame->subject !== null && in_array($frame->state, [FrameState::Judged, FrameState::Judging], true)
            ? $this->judging->of($frame)
            : $frame->save();
    }
}
