<?php

declare(strict_types=1);

namespace App\Briefs;

use App\Imaging\PictureGate;
use App\Imaging\PictureTags;
use App\Imaging\PixelEngine;
use App\Models\AttemptState;
use App\Models\BriefPicture;
use App\Models\Course;
use App\Models\Frame;
use App\Models\FrameState;
use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use TruePupil\Core\Capture\PictureRecord;
use TruePupil\Core\Capture\UnreadablePicture;

/** The examples that instructors put beside briefs of their own: taken in, kept with the brief, shown to a course. */
final readonly class BriefPictures
{
    /** Pixels along the longer side. */
    private const SIDE = 960;

    /** Frames of the course that are offered. */
    private const OFFERED = 12;

    public function __construct(private PictureGate $gate, private PixelEngine $pixels, private PictureTags $tags)
    {
    }

    /**
     * @return array<string, mixed> its small copy without any metadata, and what was set
     *
     * @throws UnreadablePicture when it cannot be taken
     */
    public function ofFile(string $path): array
    {
        $this->gate->admit($path);
        $small = storage_path('scratch/'.Str::uuid().'.jpg');
        try {
            $this->pixels->workingCopy($path, $small, self::SIDE);

            return [
                'data' => File::get($small),
                'settings' => (string) PictureRecord::fromTags($this->tags->read($path))->capture->settings(),
            ];
        } finally {
            File::delete($small);
        }
    }

    /** @return Collection<int, Frame> frames of a course that may be shown to it, the newest first */
    public function offered(Course $course): Collection
    {
        return Frame::query()
            ->where('state', FrameState::Judged)
            ->whereHas('attempt', fn ($attempt) => $attempt
                ->where('may_show', true)
                ->where('state', AttemptState::Returned)
                ->whereHas('setBrief', fn ($setBrief) => $setBrief->where('course_id', $course->id)))
            ->with(['picture', 'attempt'])
            ->orderByDesc('id')
            ->limit(self::OFFERED)
            ->get();
    }

    /**
     * Those of a brief as a course sees them, of whoever teaches there; frames of other courses are not among them.
     *
     * @return Collection<int, BriefPicture> those that meet it first
     */
    public function of(string $brief, Course $course): Collection
    {
        return BriefPicture::query()
            ->select(['id', 'user_id', 'brief_id', 'meets', 'settings', 'frame_id'])
            ->where('brief_id', $brief)
            ->whereIn('user_id', $course->people(Role::Instructor)->select('users.id'))
            ->allowed()
            ->where(fn ($either) => $either
                ->whereNull('frame_id')
                ->orWhereHas('frame.attempt.setBrief', fn ($set) => $set->where('course_id', $course->id)))
            ->orderByDesc('meets')
            ->orderBy('id')
            ->get();
    }

    /**
     * @param  list<int>  $composed
     * @return Collection<int, BriefPicture> one's own of a brief, and those of a brief that is being composed
     */
    public function own(User $user, ?string $brief, array $composed = []): Collection
    {
        return BriefPicture::query()
            ->select(['id', 'user_id', 'brief_id', 'meets', 'settings', 'frame_id'])
            ->where('user_id', $user->id)
            ->where(fn ($either) => $either
                ->whereIn('id', $composed)
                ->when($brief !== null && $brief !== '', fn ($or) => $or->orWhere('brief_id', $brief)))
            ->allowed()
            ->orderByDesc('meets')
            ->orderBy('id')
            ->get();
    }

    /**
     * What was put beside a brief before it was saved is that brief's from now on.
     *
     * @param  list<int>  $composed
     */
    public function attach(User $user, string $brief, array $composed): void
    {
        BriefPicture::query()
            ->where('user_id', $user->id)
            ->whereNull('brief_id')
            ->whereIn('id', $composed)
            ->update(['brief_id' => $brief]);
    }
}
