<?php

declare(strict_types=1);

namespace App\Retention;

use App\HandIn\UnusedPictures;
use App\HandIn\UploadPieces;
use App\Models\Course;
use App\Models\Frame;
use App\Models\Role;
use App\Models\User;
use App\Practice\RollPictures;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/**
 * Deletes a person with everything of theirs. What they said of other people's frames stays without a name: it belongs
 * to the return that it is part of.
 */
final readonly class DeleteAccount
{
    /** Days between the wish and the deed. */
    public const GRACE_DAYS = 14;

    public function __construct(
        private UnusedPictures $unused,
        private RollPictures $rolls,
        private UploadPieces $uploads,
    ) {
    }

    public function handle(User $user): void
    {
        DB::transaction(function () use ($user): void {
            $pictures = Frame::query()
                ->whereHas('attempt', fn ($query) => $query->where('user_id', $user->id))
                ->pluck('picture_id')
                ->all();
            $addresses = array_filter([$user->email, $user->pending_email, $user->invited_email]);
            DB::table('letters')->whereIn('to', $addresses)->orWhere('about', $user->id)->delete();
            DB::table('password_reset_tokens')->whereIn('email', $addresses)->delete();
            DB::table('sessions')->where('user_id', $user->id)->delete();
            $user->notifications()->delete();
            // What others were told of them, which names them.
            DB::table('notifications')->where('data->about', $user->id)->delete();
            // What happened in a course stays in its trail, without who it was.
            DB::table('activity_log')
                ->where('causer_type', $user->getMorphClass())
                ->where('causer_id', $user->id)
                ->update(['causer_type' => null, 'causer_id' => null]);
            $user->delete();
            $this->unused->forget($pictures);
            DB::afterCommit(function () use ($user): void {
                $this->rolls->forgetPerson($user->id);
                $this->uploads->forgetPerson($user->id);
            });
        });
    }

    /**
     * Courses that would be left without anybody to teach them.
     *
     * @return Collection<int, Course>
     */
    public static function coursesLeftAlone(User $user): Collection
    {
        return Course::query()
            ->whereHas(
                'memberships',
                fn ($query) => $query->where('user_id', $user->id)->where('role', Role::Instructor),
            )
            ->whereDoesntHave(
                'memberships',
                fn ($query) => $query->where('user_id', '!=', $user->id)->where('role', Role::Instructor),
            )
            ->get();
    }
}
