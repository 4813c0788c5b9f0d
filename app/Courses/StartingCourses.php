<?php

declare(strict_types=1);

namespace App\Courses;

use App\Models\Role;
use App\Models\StartInvitation;
use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\URL;

/** Who may start a course here: anybody, whoever was invited or teaches here already, or whoever runs the service. */
enum StartingCourses: string
{
    case Open = 'open';
    case ByInvitation = 'invitation';
    case ByOperators = 'operators';

    public static function here(): self
    {
        return self::tryFrom((string) config('pupil.start')) ?? self::ByInvitation;
    }

    public function isFor(?User $user): bool
    {
        return match (true) {
            $this === self::Open, $user !== null && $user->is_operator => true,
            $this === self::ByInvitation => $user !== null
                && $user->memberships()->where('role', Role::Instructor)->exists(),
            default => false,
        };
    }

    /** The invitation that a request shows and that still counts. */
    public function invitation(Request $request): ?StartInvitation
    {
        return $this === self::ByInvitation && URL::hasValidSignature($request)
            ? StartInvitation::open()->find((int) $request->query('invitation'))
            : null;
    }

    /** A link with which somebody starts one course. */
    public static function invite(int $days): string
    {
        $invitation = StartInvitation::query()->create(['ends_at' => now()->addDays($days)]);

        return URL::temporarySignedRoute('start', $invitation->ends_at, ['invitation' => $invitation->id]);
    }
}
