<?php

declare(strict_types=1);

namespace App\HandIn;

use App\Imaging\PictureGate;
use App\Jobs\JudgeFrame;
use App\Jobs\ReadFrame;
use App\Models\Attempt;
use App\Models\AttemptState;
use App\Models\Frame;
use App\Models\FrameState;
use App\Models\SetBrief;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** A student's way from a file to a handed-in attempt. Every step can be repeated without doing anything twice. */
final readonly class HandIn
{
    public function __construct(private PictureGate $gate, private PictureStore $store)
    {
    }

    /**
     * Puts a picture into the student's attempt under preparation, starting one if there is none.
     *
     * @throws \TruePupil\Core\Capture\UnreadablePicture when the file cannot be taken
     * @throws CannotHandIn when the last attempt is not back yet
     */
    public function add(SetBrief $setBrief, User $student, string $path, string $originalName): Frame
    {
        $this->gate->admit($path);
        $picture = $this->store->keep($path);

        return DB::transaction(function () use ($setBrief, $student, $picture, $originalName): Frame {
            $attempt = $this->draft($setBrief, $student);
            $existing = $attempt->frames()->where('picture_id', $picture->id)->first();
            if ($existing !== null) {
                // Handing the same file in again is how a failed reading is tried once more.
                if ($existing->state === FrameState::Refused) {
                    $existing->update(['state' => FrameState::Reading, 'problem' => null]);
                    ReadFrame::dispatch($existing->id);
                }

                return $existing;
            }
            // The brief wants so many frames; another picture takes the place of the last one.
            if ($attempt->frames()->count() >= $setBrief->content()->frames) {
                $attempt->frames()->orderByDesc('id')->first()?->delete();
            }
            $frame = $attempt->frames()->create([
                'picture_id' => $picture->id,
                'original_name' => Str::limit(basename(mb_scrub($originalName)), 180, '…'),
                'state' => FrameState::Reading,
            ]);
            ReadFrame::dispatch($frame->id);

            return $frame;
        });
    }

    /**
     * Keeps marks, typed fields and words, and asks for the frame to be judged again.
     *
     * @param  array{typed: array<string, ?string>, intent?: array<string, mixed>, subject: ?array{x: float, y: float, width: float, height: float}, marks?: list<array{kind: string, points: list<array{float, float}>}>, placement_id: ?string, about: ?string, reason: ?string}  $input
     *
     * @throws CannotHandIn when the attempt has been handed in, or the picture could not be read or is not read yet
     */
    public function prepare(Frame $frame, array $input): void
    {
        DB::transaction(function () use ($frame, $input): void {
            // Locked, so that marks cannot slip in behind a hand-in from another tab.
            if (Attempt::query()->lockForUpdate()->findOrFail($frame->attempt_id)->state !== AttemptState::Draft) {
                throw CannotHandIn::because('This attempt has been handed in; its marks can no longer change.');
            }
            if ($frame->tags === null || $frame->state === FrameState::Refused) {
                throw CannotHandIn::because('The picture has not been read, so it cannot be checked. Wait a moment, or choose another picture.');
            }
            $frame->fill([...$input, 'state' => FrameState::Judging, 'revision' => $frame->revision + 1])->save();
            JudgeFrame::dispatch($frame->id, $frame->revision);
        });
    }

    /** @throws CannotHandIn when a frame is missing, still being judged or has no subject */
    public function submit(Attempt $attempt): void
    {
        DB::transaction(function () use ($attempt): void {
            $attempt = Attempt::query()->lockForUpdate()->findOrFail($attempt->id);
            if ($attempt->state !== AttemptState::Draft) {
                return;
            }
            $frames = $attempt->frames;
            if ($frames->isEmpty()) {
                throw CannotHandIn::because('There is no frame yet. Choose a picture first.');
            }
            foreach ($frames as $frame) {
                if ($frame->state !== FrameState::Judged) {
                    throw CannotHandIn::because('Mark the subject and check the frame before you hand it in.');
                }
            }
            $attempt->update(['state' => AttemptState::Waiting, 'handed_in_at' => now()]);
        });
    }

    private function draft(SetBrief $setBrief, User $student): Attempt
    {
        $last = Attempt::query()->where('set_brief_id', $setBrief->id)->where('user_id', $student->id)
            ->orderByDesc('number')->lockForUpdate()->first();
        if ($last !== null && $last->state === AttemptState::Draft) {
            return $last;
        }
        if ($last !== null && $last->state !== AttemptState::Returned) {
            throw CannotHandIn::because(sprintf('Attempt %d is %s. You can hand in again when it has come back.', $last->number, $last->state->label()));
        }

        return Attempt::query()->createOrFirst(
            ['set_brief_id' => $setBrief->id, 'user_id' => $student->id, 'number' => ($last->number ?? 0) + 1],
            ['state' => AttemptState::Draft],
        );
    }
}
