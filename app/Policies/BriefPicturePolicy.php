<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\BriefPicture;
use App\Models\Role;
use App\Models\SetBrief;
use App\Models\User;

final readonly class BriefPicturePolicy
{
    public function __construct(private SetBriefPolicy $setBriefs)
    {
    }

    /** One's own, and that of a brief that one can read, while it may be shown there. */
    public function view(User $user, BriefPicture $picture): bool
    {
        $frame = $picture->frame;
        if ($frame !== null && ! $frame->attempt->may_show) {
            return false;
        }
        if ($picture->user_id === $user->id) {
            return true;
        }

        return SetBrief::query()
            ->where('brief_id', $picture->brief_id)
            ->when($frame !== null, fn ($set) => $set->where('course_id', $frame?->attempt->setBrief->course_id))
            ->whereHas('course.memberships', fn ($membership) => $membership
                ->where('user_id', $picture->user_id)
                ->where('role', Role::Instructor))
            ->with('course')
            ->get()
            ->contains(fn (SetBrief $setBrief): bool => $this->setBriefs->view($user, $setBrief));
    }

    public function delete(User $user, BriefPicture $picture): bool
    {
        return $picture->user_id === $user->id;
    }
}
