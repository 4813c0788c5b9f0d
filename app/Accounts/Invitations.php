<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\Course;
use App\Models\Membership;
use App\Notices\InvitationLetter;
use Illuminate\Support\Facades\Notification;

/** Invites everybody who came with a course to take their place. */
final class Invitations
{
    public static function send(Course $course): void
    {
        foreach ($course->memberships()->with('user')->get() as $membership) {
            /** @var Membership $membership */
            $user = $membership->user;
            if ($user->isUnclaimed() && $user->invited_email !== null) {
                Notification::route('mail', $user->invited_email)->notify(
                    new InvitationLetter(Links::claim($user), $user->name, $course->name),
                );
            }
        }
    }
}
