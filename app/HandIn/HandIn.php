<?php

declare(strict_types=1);

namespace App\HandIn;

use App\Imaging\PictureGate;
use App\Input\IntentInput;
use App\Jobs\JudgeFrame;
use App\Jobs\ReadFrame;
use App\Models\Attempt;
use App\Models\AttemptState;
use App\Models\Frame;
use App\Models\FrameState;
use App\Models\SavedPlan;
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
     * @throws HandInRefused when the last attempt is not back yet
     */
    public function add(
        SetBrief $setBrief,
        User $student,
        string $path,
        string $originalName,
        ?string $row = null,
    ): AddedPicture {
        $this->gate->admit($path);
        $picture = $this->store->keep($path);

        return DB::transaction(function () use ($setBrief, $student, $picture, $originalName, $row): AddedPicture {
            $attempt = $this->draft($setBrief, $student);
            $existing = $attempt->frames()->where('picture_id', $picture->id)->first();
            if ($existing !== null) {
                // Handing the same file in again is how a failed reading is tried once more.
                if ($existing->state === FrameState::Refused) {
                    $existing->update(['state' => FrameState::Reading, 'problem' => null]);
                    ReadFrame::dispatch($existing->id)->onQueue(ReadFrame::QUEUE);
                }

                return new AddedPicture($existing, false, null);
            }
            $brief = $setBrief->content();
            if ($attempt->frames()->count() >= $brief->most()) {
                if ($brief->most() > 1) {
                    throw HandInRefused::because(
                        sprintf(
                            'This brief takes up to %d frames, and the attempt has them. Remove one first; nothing '
                                .'was kept of "%s".',
                            $brief->most(),
                            Str::limit(basename(mb_scrub($originalName)), 60),
                        ),
                    );
                }
                // Where one frame is wanted, another picture takes its place.
                $attempt->frames()->orderByDesc('id')->first()?->delete();
            }
            $planned = SavedPlan::forAttempt($attempt)->typed ?? [];
            $frame = $attempt->frames()->create([
                'picture_id' => $picture->id,
                'original_name' => Str::limit(basename(mb_scrub($originalName)), 180, '…'),
                'row' => $brief->row($row)?->id,
                'state' => FrameState::Reading,
                // What was planned is what it was meant to show, until the student says otherwise.
                'intent' => array_intersect_key(
                    $planned,
                    array_flip([
                        ...array_keys(IntentInput::NUMBERS),
                        ...IntentInput::FLAGS,
                        'want',
                        'idea',
                        'facing',
                    ]),
                ) ?:
                    null,
                'placement_id' => $brief->placement($planned['placement'] ?? null)?->id,
                'about' => $planned['about'] ?? null,
                'reason' => $planned['reason'] ?? null,
            ]);
            ReadFrame::dispatch($frame->id)->onQueue(ReadFrame::QUEUE);

            return new AddedPicture($frame, true, $this->handedInBefore($attempt, $picture->id));
        });
    }

    /**
     * Takes a frame out of an attempt that is still being prepared.
     *
     * @throws HandInRefused when it has been handed in
     */
    public function remove(Frame $frame): void
    {
        DB::transaction(function () use ($frame): void {
            $attempt = Attempt::query()->lockForUpdate()->findOrFail($frame->attempt_id);
            if ($attempt->state !== AttemptState::Draft) {
                throw HandInRefused::because('This attempt has been handed in; its frames can no longer change.');
            }
            $row = $frame->row;
            $frame->delete();
            // What was said of the row is said anew without it.
            $this->judgeRowAgain($attempt, $row);
        });
    }

    /**
     * Gives a handed-in attempt back to its student, as long as the instructor has not opened it.
     *
     * @throws HandInRefused when it has been opened
     */
    public function takeBack(Attempt $attempt): void
    {
        DB::transaction(function () use ($attempt): void {
            $attempt = Attempt::query()->lockForUpdate()->findOrFail($attempt->id);
            match ($attempt->state) {
                AttemptState::Draft => null,
                AttemptState::Waiting => $attempt->update(['state' => AttemptState::Draft, 'handed_in_at' => null]),
                default => throw HandInRefused::because(
                    'The instructor has opened this attempt; it can no longer be taken back. The next attempt is '
                        .'yours when it has come back.',
                ),
            };
        });
    }

    /**
     * Keeps marks, typed fields and words, and asks for the frame to be judged again.
     *
     * @param  array{typed: array<string, ?string>, intent?: array<string, mixed>, subject: ?array{x: float, y: float, width: float, height: float}, marks?: list<array{kind: string, points: list<array{float, float}>}>, placement_id: ?string, about: ?string, reason: ?string}  $input
     *
     * @throws HandInRefused when the attempt has been handed in, or the picture could not be read or is not read yet
     */
    public function prepare(Frame $frame, array $input): void
    {
        DB::transaction(function () use ($frame, $input): void {
            // Locked, so that marks cannot slip in behind a hand-in from another tab.
            if (Attempt::query()->lockForUpdate()->findOrFail($frame->attempt_id)->state !== AttemptState::Draft) {
                throw HandInRefused::because('This attempt has been handed in; its marks can no longer change.');
            }
            if ($frame->tags === null || $frame->state === FrameState::Refused) {
                throw HandInRefused::because(
                    'The picture has not been read, so it cannot be checked. Wait a moment, or choose another picture.',
                );
            }
            $this->judgeWith($frame, $input);
        });
    }

    /**
     * The same marks and words for every frame of the row that this one belongs to: they are of one scene.
     *
     * @param  array{typed: array<string, ?string>, intent?: array<string, mixed>, subject: ?array{x: float, y: float, width: float, height: float}, marks?: list<array{kind: string, points: list<array{float, float}>}>, placement_id: ?string, about: ?string, reason: ?string}  $input
     *
     * @throws HandInRefused as for one frame
     */
    public function prepareRow(Frame $frame, array $input): void
    {
        $this->prepare($frame, $input);
        $others = Frame::query()
            ->where('attempt_id', $frame->attempt_id)
            ->where('row', $frame->row)
            ->whereKeyNot($frame->id)
            ->whereNotNull('tags')
            ->where('state', '!=', FrameState::Refused)
            ->get();
        foreach ($others as $other) {
            // What is recorded differs from frame to frame and stays each frame's own; what held the camera does not.
            $typed = [...$other->typed ?? [], ...array_filter(['support' => $input['typed']['support'] ?? null])];
            $this->prepare($other, [...$input, 'typed' => $typed]);
        }
    }

    /** Asks once more for a check that failed after the hand-in; false where there is none to repeat. */
    public function judgeAgain(Frame $frame): bool
    {
        return DB::transaction(function () use ($frame): bool {
            // Locked, so that a second click finds it under way.
            $state = Attempt::query()->lockForUpdate()->findOrFail($frame->attempt_id)->state;
            $frame->refresh();
            if (
                $frame->state !== FrameState::Ready ||
                $state === AttemptState::Draft ||
                $state === AttemptState::Returned
            ) {
                return false;
            }
            $this->judgeWith($frame, ['problem' => null]);

            return true;
        });
    }

    /** @param  array<string, mixed>  $input */
    private function judgeWith(Frame $frame, array $input): void
    {
        $frame->fill([...$input, 'state' => FrameState::Judging, 'revision' => $frame->revision + 1])->save();
        JudgeFrame::dispatch($frame->id, $frame->revision);
    }

    private function judgeRowAgain(Attempt $attempt, ?string $row): void
    {
        $judged = $attempt->frames()->where('row', $row)->where('state', FrameState::Judged)->get();
        foreach ($attempt->setBrief->content()->rows() === [] ? [] : $judged as $frame) {
            $this->judgeWith($frame, []);
        }
    }

    private function handedInBefore(Attempt $attempt, int $pictureId): ?int
    {
        $number = Attempt::query()
            ->where('set_brief_id', $attempt->set_brief_id)
            ->where('user_id', $attempt->user_id)
            ->where('number', '<', $attempt->number)
            ->whereHas('frames', fn ($query) => $query->where('picture_id', $pictureId))
            ->orderByDesc('number')
            ->value('number');

        return $number === null ? null : (int) $number;
    }

    /** @throws HandInRefused when a frame is missing, still being read or has no subject */
    public function submit(Attempt $attempt): void
    {
        DB::transaction(function () use ($attempt): void {
            $attempt = Attempt::query()->lockForUpdate()->findOrFail($attempt->id);
            if ($attempt->state !== AttemptState::Draft) {
                return;
            }
            $frames = $attempt->frames;
            if ($frames->isEmpty()) {
                throw HandInRefused::because('There is no frame yet. Choose a picture first.');
            }
            foreach ($frames as $frame) {
                // Marked and still being checked is enough: a deadline does not wait for a queue.
                if ($frame->state !== FrameState::Judged && $frame->state !== FrameState::Judging) {
                    throw HandInRefused::because(
                        match (true) {
                            $frame->state->isBusy() => sprintf(
                                '"%s" is still being read. Wait a moment and hand in again.',
                                $frame->original_name,
                            ),
                            $frame->state === FrameState::Refused => sprintf(
                                '"%s" could not be read. Remove it, or send another in its place.',
                                $frame->original_name,
                            ),
                            $frames->count() === 1 => 'Mark the subject and check the frame before you hand it in.',
                            default => sprintf(
                                'Mark the subject of "%s" and check it before you hand in.',
                                $frame->original_name,
                            ),
                        },
                    );
                }
            }
            $attempt->update(['state' => AttemptState::Waiting, 'handed_in_at' => now()]);
        });
    }

    private function draft(SetBrief $setBrief, User $student): Attempt
    {
        $last = Attempt::query()
            ->where('set_brief_id', $setBrief->id)
            ->where('user_id', $student->id)
            ->orderByDesc('number')
            ->lockForUpdate()
            ->first();
        if ($last !== null && $last->state === AttemptState::Draft) {
            return $last;
        }
        if ($last !== null && $last->state !== AttemptState::Returned) {
            throw HandInRefused::because(
                sprintf(
                    'Attempt %d is %s. You can hand in again when it has come back.',
                    $last->number,
                    $last->state->label(),
                ),
            );
        }

        return Attempt::query()->createOrFirst(
            ['set_brief_id' => $setBrief->id, 'user_id' => $student->id, 'number' => ($last->number ?? 0) + 1],
            ['state' => AttemptState::Draft],
        );
    }
}
