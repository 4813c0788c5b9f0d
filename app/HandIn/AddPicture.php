<?php

declare(strict_types=1);

namespace App\HandIn;

use App\Imaging\PictureGate;
use App\Models\Attempt;
use App\Models\AttemptState;
use App\Models\AttemptStep;
use App\Models\Frame;
use App\Models\FrameState;
use App\Models\Picture;
use App\Models\SetBrief;
use App\Models\User;
use App\Planning\PlannedFrame;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\File\Exception\UploadException;
use Throwable;
use TruePupil\Core\Brief\Brief;
use TruePupil\Core\Capture\UnreadablePicture;

/** Puts a picture into the attempt that a student prepares, starting one if there is none. */
final readonly class AddPicture
{
    /** Of a transaction that meets another. */
    private const TRIES = 5;

    public function __construct(
        private PictureGate $gate,
        private PictureStore $store,
        private FrameQueue $queue,
        private Quota $quota,
        private UnusedPictures $unused,
        private RawPair $pairs,
    ) {
    }

    /**
     * The same file is added once, however often it comes.
     *
     * @throws UnreadablePicture when the file cannot be taken
     * @throws UploadException when the disk has no room for it
     * @throws HandInRefused when the brief is not open, the last attempt is not back yet or has as many frames as the
     *     brief takes, or no room is left for more pictures
     */
    public function handle(
        SetBrief $setBrief,
        User $student,
        string $path,
        string $originalName,
        ?string $row = null,
    ): AddedPicture {
        $closed = $setBrief->whyNotNow($student);
        if ($closed !== null) {
            throw HandInRefused::because($closed.' Nothing was kept of this picture.');
        }
        if ($setBrief->course->asks_confirmed && $student->email_verified_at === null) {
            throw HandInRefused::because(
                'This course asks for a confirmed address. Follow the link in the mail that was sent to you, or ask '.
                    'for another under your account; nothing was kept of this picture.',
            );
        }
        $this->gate->admit($path);
        $this->quota->makeSure($setBrief, $student, (int) filesize($path));
        RoomLeft::for((int) filesize($path));
        $picture = $this->store->keep($path, withPlace: $student->keeps_location);
        $name = self::plain($originalName);

        try {
            // Many hand in at the same time: whom the database turns back tries again, here.
            return DB::transaction(function () use ($setBrief, $student, $picture, $name, $row): AddedPicture {
                // Its frame keeps it from then on, before it is read: that may put another file in its place.
                DB::afterCommit(fn () => $this->store->arrived($picture));
                $attempt = $this->draft($setBrief, $student);

                return $this->toDraft($attempt, $attempt->content(), $picture, $name, $row);
            }, self::TRIES);
        } catch (Throwable $problem) {
            $this->store->arrived($picture);
            throw $problem;
        }
    }

    /** Without folders, control characters and marks that turn the direction of writing. */
    private static function plain(string $name): string
    {
        $plain = trim(preg_replace('/[\p{C}\p{Zl}\p{Zp}]+/u', '', basename(mb_scrub($name))) ?? '');

        return $plain === '' ? 'picture' : $plain;
    }

    private function toDraft(
        Attempt $attempt,
        Brief $brief,
        Picture $picture,
        string $name,
        ?string $row,
    ): AddedPicture {
        $existing = $attempt->frames()->where('picture_id', $picture->id)->first();
        if ($existing !== null) {
            return $this->readAgain($existing);
        }
        $half = $this->pairs->otherHalf($attempt, $picture, $name, $brief->row($row)?->id);
        if ($half !== null) {
            return $this->together($half['frame'], $picture, $name, $half['isRaw']);
        }
        $this->makeRoom($attempt, $brief, $name);
        $frame = $this->create($attempt, $brief, $picture, $name, $row);
        $this->queue->read($frame->id);

        return new AddedPicture($frame, true, $this->handedInBefore($attempt, $picture->id));
    }

    /** Of a raw file and its JPEG the raw file is kept: it shows the same picture, and holds more. */
    private function together(Frame $frame, Picture $picture, string $name, bool $isRaw): AddedPicture
    {
        $this->unused->forget([$isRaw ? $frame->picture_id : $picture->id]);
        if ($isRaw) {
            $frame->update([
                'picture_id' => $picture->id,
                'original_name' => Str::limit($name, 180, '…'),
                'state' => FrameState::Reading,
                'tags' => null,
                'problem' => null,
            ]);
            $frame->unsetRelation('picture');
            $this->queue->read($frame->id);
        }

        return new AddedPicture($frame, true, null, isPair: true);
    }

    /** Handing the same file in again is how a failed reading is tried once more. */
    private function readAgain(Frame $existing): AddedPicture
    {
        if ($existing->state === FrameState::Refused) {
            $existing->update(['state' => FrameState::Reading, 'problem' => null]);
            $this->queue->read($existing->id);
        }

        return new AddedPicture($existing, false, null);
    }

    private function makeRoom(Attempt $attempt, Brief $brief, string $name): void
    {
        if ($attempt->frames()->count() < $brief->most()) {
            return;
        }
        if ($brief->most() > 1) {
            throw HandInRefused::because(
                sprintf(
                    'This brief takes up to %d frames, and the attempt has them. Remove one first; nothing was kept '.
                        'of "%s".',
                    $brief->most(),
                    Str::limit($name, 60),
                ),
            );
        }
        // Where one frame is wanted, another picture takes its place.
        $replaced = $attempt->frames()->orderByDesc('id')->first();
        if ($replaced !== null) {
            $replaced->delete();
            $this->unused->forget([$replaced->picture_id]);
        }
    }

    private function create(Attempt $attempt, Brief $brief, Picture $picture, string $name, ?string $row): Frame
    {
        // What was planned is what it was meant to show, until the student says otherwise.
        $planned = PlannedFrame::of($attempt);

        return $attempt->frames()->create([
            'picture_id' => $picture->id,
            'original_name' => Str::limit($name, 180, '…'),
            'row' => $brief->row($row)?->id,
            'state' => FrameState::Reading,
            'intent' => $planned->intent,
            'placement_id' => $planned->placementId,
            'about' => $planned->about,
            'reason' => $planned->reason,
        ]);
    }

    private function draft(SetBrief $setBrief, User $student): Attempt
    {
        $last = Attempt::query()
            ->where('set_brief_id', $setBrief->id)
            ->where('user_id', $student->id)
            ->orderByDesc('number')
            ->lockForUpdate()
            ->first();
        if ($last !== null && $last->state->allows(AttemptStep::Prepare)) {
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

    private function handedInBefore(Attempt $attempt, int $pictureId): ?int
    {
        $number = Attempt::query()
            ->where('set_brief_id', $attempt->set_brief_id)
            ->where('user_id', $attempt->user_id)
            ->where('number', '<', $attempt->number)
            ->whereHas('frames', fn (Builder $query): Builder => $query->where('picture_id', $pictureId))
            ->orderByDesc('number')
            ->value('number');

        return $number === null ? null : (int) $number;
    }
}
