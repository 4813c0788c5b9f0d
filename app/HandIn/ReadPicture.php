<?php

declare(strict_types=1);

namespace App\HandIn;

use App\Imaging\PictureTags;
use App\Models\Frame;
use App\Models\FrameState;
use App\Notices\FrameRefused;
use TruePupil\Core\Capture\PictureRecord;
use TruePupil\Core\Capture\RecordNormaliser;
use TruePupil\Core\Capture\UnreadablePicture;
use TruePupil\Core\Composition\ProposedSubject;
use TruePupil\Core\Composition\Region;

/** Reads the record and, in one decode, the pixels of a frame that has just arrived. */
final readonly class ReadPicture
{
    public function __construct(
        private PictureStore $store,
        private PictureTags $tags,
        private PictureReadings $readings,
        private ForgetPlace $places,
        private RequestJudging $judging,
    ) {
    }

    public function handle(int $frameId): void
    {
        $frame = Frame::query()->with(['picture', 'attempt.user'])->find($frameId);
        if ($frame === null || $frame->state !== FrameState::Reading) {
            return;
        }
        try {
            // The record is read while the pixels are.
            $record = $this->tags->begin($this->store->original($frame->picture));
            $reading = $this->readings->of($frame->picture);
            $found = [...$record(), ...self::knownFromPractice($frame)];
            $hasPlace = isset($found[PictureTags::HAS_PLACE]) && ! $frame->attempt->user->keeps_location;
            $says = $hasPlace || isset($found[PictureTags::HAS_OWNER]);
            if ($says && $this->places->of($frame, $hasPlace) && $hasPlace) {
                unset($found[PictureTags::HAS_PLACE]);
            }
            unset($found[PictureTags::HAS_OWNER]);
        } catch (UnreadablePicture|HandInRefused $problem) {
            self::refuse($frame, $problem->getMessage());

            return;
        }
        $this->keep($frame, $found, ProposedSubject::in($reading->overview()->attention));
        // While marks are drawn; what they are judged by is there when they come.
        $this->readings->measured($frame->picture, $reading);
    }

    /** @param  array<string, mixed>  $found */
    private function keep(Frame $frame, array $found, ?Region $proposed): void
    {
        $picture = PictureRecord::fromTags($found);
        $read = [
            'tags' => $found,
            'width' => $picture->width,
            'height' => $picture->height,
            'proposed' => $proposed,
        ];
        // Locked, since its row may be marked in this very moment.
        LockedAttempt::change($frame->attempt_id, function () use ($frame, $read): void {
            $frame->refresh();
            $isMarked = $frame->marks !== null;
            $isMarked ? $this->judging->of($frame, $read) : $frame->update([...$read, 'state' => FrameState::Ready]);
        });
    }

    /**
     * No tag of a file tells what held the camera; of a frame of the practice camera it is known all the same.
     *
     * @return array<string, string>
     */
    private static function knownFromPractice(Frame $frame): array
    {
        $support = $frame->picture->practiceShot->shot['support'] ?? null;

        return is_string($support) ? [RecordNormaliser::PRACTICE_SUPPORT => $support] : [];
    }

    /** After every try has failed. */
    public function giveUp(int $frameId): void
    {
        $frame = Frame::query()->with('attempt.user')->find($frameId);
        if ($frame !== null) {
            self::refuse(
                $frame,
                'The picture arrived and is kept, but reading it failed three times on our side. Tell whoever runs '.
                    'this installation; handing the same file in again will try once more.',
            );
        }
    }

    private static function refuse(Frame $frame, string $why): void
    {
        $frame->update(['state' => FrameState::Refused, 'problem' => $why]);
        $frame->attempt->user->notify(new FrameRefused($frame));
    }
}
